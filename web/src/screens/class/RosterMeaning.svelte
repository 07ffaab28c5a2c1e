<script lang="ts">
  // What a list changes in a class, before it does.
  import type { Schemas } from "../../api/teacher";
  import { list, plural } from "../../words/say";

  interface Props {
    meaning: Schemas["RosterMeaningOut"];
    class: string;
    /** Whether whoever is not in the list leaves the class. */
    takeOut: boolean;
  }
  let { meaning, class: name, takeOut = $bindable() }: Props = $props();

  const MOST = 12;
  const some = (names: string[]) => list(names.length > MOST ? [...names.slice(0, MOST), "…"] : names);
</script>

<div class="mt-3 border-s-4 border-accent ps-3" role="status">
  <p>
    {#if meaning.new.length > 0}<b>{plural(meaning.new.length, ["# is new.", "# are new."])}</b>{/if}
    {#if meaning.joining.length > 0}
      {plural(meaning.joining.length, ["# comes from another class:", "# come from other classes:"])}
      {some(meaning.joining)}.
    {/if}
    {#if meaning.same > 0}{plural(meaning.same, ["# stays as they are.", "# stay as they are."])}{/if}
  </p>
  {#each meaning.changed.slice(0, MOST) as each (each.was)}
    <p><bdi>{each.was}</bdi> → <bdi>{each.now}</bdi></p>
  {/each}
  {#if meaning.missing.length > 0}
    <p class="mt-1">
      {plural(meaning.missing.length, [
        "# is in the class and not in the list:",
        "# are in the class and not in the list:",
      ])}
      {some(meaning.missing)}.
    </p>
    <label class="mt-1 flex items-start gap-2">
      <input type="checkbox" class="checkbox checkbox-sm mt-1" bind:checked={takeOut} />
      <span>Take them out of {name}. Their work stays.</span>
    </label>
  {/if}
</div>
