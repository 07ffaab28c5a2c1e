<script lang="ts">
  // A table that is filled in: on the page itself, or cell by cell in the dock.
  import LIMITS from "../../generated/limits.json";
  import VerdictMark, { triesBefore } from "../../ui/VerdictMark.svelte";
  import { textsOf } from "../written_parts";
  import PartInput from "../PartInput.svelte";
  import type { AnsweringProps } from "../student";
  import { ontoNext } from "./arrows";
  import Cells from "./Cells.svelte";
  import { cellName } from "./grid";
  import { cellSize } from "./size";

  let {
    prompt,
    answer,
    scale,
    docked = false,
    beside = false,
    readonly = false,
    part,
    verdicts = {},
    onentry,
    onfocus,
  }: AnsweringProps<"answer_table"> = $props();

  const texts = $derived(textsOf(answer));
  const numbers = $derived(Object.fromEntries(prompt.parts.map(({ id, number }) => [id, number])));
  const inHand = $derived(prompt.cells.find(({ id }) => id === part));
  const textOf = (id: string) => texts.get(id) ?? "";
  const write = (id: string, text: string) => onentry(id, { kind: "answer_table", version: 1, text });
</script>

{#if docked && inHand}
  {@const name = cellName(inHand)}
  <label class="block">
    <span class="mb-1 block">{name}</span>
    <PartInput
      label="Answer {numbers[inHand.id]}: {name}"
      text={textOf(inHand.id)}
      {readonly}
      onwrite={(text) => write(inHand.id, text)}
    />
  </label>
{:else}
  <Cells
    grid={prompt}
    size={cellSize(prompt, prompt.style, scale, beside ? 0 : 16)}
    inHand={readonly ? undefined : part}
  >
    {#snippet cell(one)}
      {@const verdict = verdicts[one.id]}
      <span class="gap-number" aria-hidden="true">{numbers[one.id]}</span>
      {#if beside}
        <button
          class="table-control truncate"
          data-question="{prompt.id}/{one.id}"
          aria-label={textOf(one.id)
            ? /* @wc-include */ `Question ${numbers[one.id]}: ${textOf(one.id)}`
            : /* @wc-include */ `Question ${numbers[one.id]}: blank`}
          disabled={readonly}
          onclick={() => onfocus(one.id)}>{textOf(one.id)}</button
        >
      {:else}
        <input
          class="table-control"
          data-cell={one.id}
          data-question="{prompt.id}/{one.id}"
          aria-label="Answer {numbers[one.id]}: {cellName(one)}"
          maxlength={LIMITS.written}
          value={textOf(one.id)}
          {readonly}
          dir="auto"
          autocomplete="off"
          autocapitalize="off"
          spellcheck="false"
          onfocus={() => onfocus(one.id)}
          onkeydown={(event) => ontoNext(event, prompt, one)}
          oninput={(event) => write(one.id, event.currentTarget.value)}
        />
      {/if}
      {#if verdict}
        <VerdictMark verdict={verdict.verdict} tries={triesBefore(verdict)} />
      {/if}
    {/snippet}
  </Cells>
{/if}
