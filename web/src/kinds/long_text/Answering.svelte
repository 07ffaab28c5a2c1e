<script lang="ts">
  import { onDestroy, onMount, untrack } from "svelte";
  import { handPoints } from "../answer_box/text_size";
  import type { AnsweringProps } from "../student";
  import { askedFor } from "./words";
  import Paragraphs from "../../rich_text/Paragraphs.svelte";
  import type { Writer } from "../../rich_text/writing/writer.svelte";

  let {
    prompt,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onanswer,
    onfocus,
  }: AnsweringProps<"long_text"> = $props();

  /** The most that is kept (velum/kinds/long_text.py). */
  const MOST = { letters: 20_000, paragraphs: 1_000 };

  let place: HTMLDivElement;
  let writer = $state.raw<Writer>();
  const asked = $derived(askedFor(prompt));
  const named = $derived(asked ? /* @wc-include */ `${label}, ${asked} asked for` : label);

  /** Milliseconds after which it is loaded all the same. */
  const LONGEST = 1_000;
  const idle = () =>
    new Promise((then) => {
      if ("requestIdleCallback" in window) window.requestIdleCallback(then, { timeout: LONGEST });
      else setTimeout(then, LONGEST / 4);
    });

  // What writing takes is much, and all else on the sheet need not wait for it.
  let left = false;
  onMount(async () => {
    await idle();
    const { Writer } = await import("../../rich_text/writing/writer.svelte");
    if (left) return;
    writer = new Writer(place, answer?.paragraphs ?? [], {
      formatted: prompt.formatted,
      attributes: () => ({ label: named, describedby, spelling: prompt.spelling, readonly }),
      most: MOST,
      onwrite: (paragraphs) => onanswer({ kind: "long_text", version: 1, paragraphs }),
      onfocus: () => onfocus(),
    });
  });
  onDestroy(() => {
    left = true;
    writer?.destroy();
  });

  $effect(() => {
    const now = answer?.paragraphs ?? [];
    const writes = writer;
    untrack(() => writes?.show(now));
  });
  $effect(() => {
    void [named, describedby, readonly];
    writer?.refresh();
  });
</script>

<div
  bind:this={place}
  class="long-text laid-text {docked ? 'textarea h-28 w-full' : 'h-full'}"
  style:font-size={docked
    ? "calc(1.125rem * var(--letters, 1))"
    : `max(1rem, ${handPoints(prompt.style) * scale}px * var(--letters, 1))`}
>
  {#if !writer}<Paragraphs paragraphs={answer?.paragraphs ?? []} />{/if}
</div>
