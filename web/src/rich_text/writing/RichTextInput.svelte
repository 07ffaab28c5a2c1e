<script lang="ts">
  // Words in paragraphs and lists, in a dialog. It is opened for one text: another text is another input.
  import { onDestroy, onMount, untrack } from "svelte";
  import LIMITS from "../../generated/limits.json";
  import type { Paragraph } from "../paragraphs";
  import Looks from "./Looks.svelte";
  import { Writer } from "./writer.svelte";

  interface Props {
    label: string;
    paragraphs: readonly Paragraph[];
    /** The language that it is written in. */
    language?: string;
    onwrite: (paragraphs: Paragraph[]) => void;
  }
  let { label, paragraphs, language = "", onwrite }: Props = $props();

  let place: HTMLDivElement;
  let writer = $state.raw<Writer>();

  onMount(() => {
    writer = new Writer(
      place,
      untrack(() => paragraphs),
      {
        formatted: true,
        most: { letters: LIMITS.explained, paragraphs: 200 },
        attributes: () => ({ label, describedby: "", spelling: language, readonly: false }),
        onwrite,
      },
    );
  });
  onDestroy(() => writer?.destroy());

  // As another tab has it, or as it was before a step was taken back.
  $effect(() => writer?.show(paragraphs));
</script>

<div>
  {#if writer}<Looks {writer} />{/if}
  <div bind:this={place} class="long-text laid-text textarea max-h-64 min-h-24 w-full overflow-y-auto"></div>
</div>
