<script lang="ts">
  // In print: what was written at length and does not fit its box, whole, and instructions, on pages after the worksheet's own. On a screen
  // its box scrolls.
  import { flushSync } from "svelte";
  import Paragraphs from "../rich_text/Paragraphs.svelte";
  import type { Paragraph } from "../rich_text/paragraphs";

  interface Props {
    texts: readonly { field: string; number: string; paragraphs: readonly Paragraph[] }[];
    /** What the teacher says beside the pages, on a page of its own. */
    instructions?: readonly { name: string; heading: string; paragraphs: readonly Paragraph[] }[];
  }
  let { texts, instructions = [] }: Props = $props();

  let longer = $state.raw<readonly string[]>([]);
  /** Pixels by which what fits may seem not to. */
  const TREMBLE = 2;

  function isLonger(field: string): boolean {
    const place = document.querySelector(`[data-field="${CSS.escape(field)}"] :is(.long-text, .laid-text)`);
    if (!place || place.scrollHeight <= place.clientHeight + TREMBLE) return false;
    place.scrollTop = 0; // the box shows how it begins
    return true;
  }

  /** Looked at before the print's own styles hold. */
  function look() {
    longer = texts.flatMap(({ field }) => (isLonger(field) ? [field] : []));
    flushSync();
  }
</script>

<svelte:window onbeforeprint={look} />

{#if instructions.length > 0}
  <section class="print-page continued laid-text" aria-hidden="true" style:--scale={4 / 3}>
    {#each instructions as { name, heading, paragraphs } (name)}
      <h2>{heading}</h2>
      <Paragraphs {paragraphs} />
    {/each}
  </section>
{/if}
{#each texts.filter(({ field }) => longer.includes(field)) as { field, number, paragraphs } (field)}
  <section class="print-page continued laid-text" aria-hidden="true" style:--scale={4 / 3}>
    <h2>{number}</h2>
    <Paragraphs {paragraphs} />
  </section>
{/each}
