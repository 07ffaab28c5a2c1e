<script lang="ts">
  import type { AnsweringProps } from "../student";
  import { drawn, type Line } from "./lines";
  import Lines from "./Lines.svelte";
  import LinesList from "./LinesList.svelte";

  let {
    prompt,
    place,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    onentry,
    onfocus,
  }: AnsweringProps<"joins"> = $props();

  const lines = $derived(answer?.lines ?? []);
  const size = $derived({ width: place.box.width * scale, height: place.box.height * scale });

  function join(line: Line) {
    for (const [name, is] of drawn(prompt, lines, line))
      onentry(name, { kind: "joins", version: 1, drawn: is });
  }
</script>

{#if docked}
  <div class="max-h-[32dvh] overflow-auto" role="group" aria-label={label}>
    <LinesList dots={prompt.dots} {lines} oneEach={prompt.one_each} still={readonly} onjoin={join} />
  </div>
{:else}
  <Lines
    dots={prompt.dots}
    {lines}
    curved={prompt.curved}
    coloured={prompt.coloured}
    {size}
    still={readonly}
    {label}
    onjoin={join}
    onfocus={() => onfocus()}
  />
{/if}
