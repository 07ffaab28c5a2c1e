<script lang="ts">
  import { onDestroy, onMount, untrack } from "svelte";
  import { handPoints } from "../answer_box/text_size";
  import type { AnsweringProps } from "../student";
  import { askedFor } from "./words";
  import { Writer } from "./writer.svelte";

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

  let place: HTMLDivElement;
  let writer: Writer | undefined;
  const asked = $derived(askedFor(prompt));
  const named = $derived(asked ? /* @wc-include */ `${label}, ${asked} asked for` : label);

  onMount(() => {
    writer = new Writer(place, answer?.paragraphs ?? [], {
      formatted: prompt.formatted,
      attributes: () => ({ label: named, describedby, spelling: prompt.spelling, readonly }),
      onwrite: (paragraphs) => onanswer({ kind: "long_text", version: 1, paragraphs }),
      onfocus: () => onfocus(),
    });
  });
  onDestroy(() => writer?.destroy());

  $effect(() => {
    const now = answer?.paragraphs ?? [];
    untrack(() => writer?.show(now));
  });
  $effect(() => {
    void [named, describedby, readonly];
    writer?.refresh();
  });
</script>

<div
  bind:this={place}
  class="long-text laid-text {docked ? 'textarea h-28 w-full' : 'h-full'}"
  style:font-size={docked ? "1.125rem" : `max(1rem, ${handPoints(prompt.style) * scale}px)`}
></div>
