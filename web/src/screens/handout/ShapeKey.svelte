<script lang="ts">
  // What the shapes mean.
  import VerdictMark from "../../ui/VerdictMark.svelte";

  const SHAPES = [
    ["right", 0, "right"],
    ["right", 1, "right on a later try"],
    ["partly", 0, "partly"],
    ["wrong", 0, "not right"],
    ["blank", 0, "blank"],
    ["teacher", 0, "for you to mark"],
  ] as const;
</script>

<ul class="quiet mt-4 flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label="What the shapes mean">
  {#each SHAPES as [verdict, tries, words] (words)}
    <li class="flex items-center gap-1.5"><VerdictMark {verdict} {tries} silent />{words}</li>
  {/each}
  <li class="flex items-center gap-1.5">
    <span class="size-1.5 rounded-full bg-accent"></span>your decision
  </li>
</ul>
