<script lang="ts">
  // A passage with its gaps, however these are shown.
  import type { Snippet } from "svelte";
  import type { Stretch } from "./passage";

  interface Props {
    passage: readonly Stretch[];
    /** Of its letters; absent where it is not on a page. */
    size?: string;
    /** Whether its words are only seen: what is around it says in words what it is. */
    drawn?: boolean;
    /** A gap, by its id, and whether it stands there for the first time. */
    gap: Snippet<[id: string, first: boolean]>;
  }
  let { passage, size, drawn = false, gap }: Props = $props();

  const firsts = $derived(
    new Set(
      passage.flatMap((run, i) =>
        run.gap && passage.findIndex((other) => other.gap === run.gap) === i ? [i] : [],
      ),
    ),
  );
</script>

<!-- In one line: a passage keeps the spaces that are typed, and these only. -->
<!-- prettier-ignore -->
<div class="passage" style:font-size={size} dir="auto">{#each passage as run, i (i)}{#if run.gap}{@render gap(run.gap, firsts.has(i))}{:else if drawn}<span class="before:content-[attr(data-text)]" data-text={run.text}></span>{:else}{run.text}{/if}{/each}</div>
