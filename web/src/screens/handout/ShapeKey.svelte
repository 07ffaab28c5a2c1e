<script lang="ts">
  // What the shapes mean.
  import VerdictMark from "../../ui/VerdictMark.svelte";

  const SHAPES = [
    ["right", 0, "Right"],
    ["right", 1, "Right on a later try"],
    ["partly", 0, "Partly"],
    ["wrong", 0, "Not right"],
    ["blank", 0, "Blank"],
    ["teacher", 0, "For you to mark"],
  ] as const;
</script>

<ul class="quiet mt-4 flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label="What the shapes mean">
  {#each SHAPES as [verdict, tries, words] (words)}
    <li class="flex items-center gap-1.5"><VerdictMark {verdict} {tries} silent />{words}</li>
  {/each}
  <li class="flex items-center gap-1.5">
    <span class="size-1.5 rounded-full bg-accent"></span>Your decision
  </li>
</ul>
