<script lang="ts">
  // A passage that is filled in: on the page itself, or gap by gap in the dock.
  import LIMITS from "../../generated/limits.json";
  import VerdictMark, { triesBefore } from "../../ui/VerdictMark.svelte";
  import PartInput from "../PartInput.svelte";
  import type { AnsweringProps } from "../student";
  import { bankLeft, offered } from "./fills";
  import Passage from "./Passage.svelte";
  import { textsOf } from "../written_parts";
  import { around } from "./passage";
  import { passagePoints } from "./size";

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
  }: AnsweringProps<"gaps"> = $props();

  const texts = $derived(textsOf(answer));
  const size = $derived(passagePoints(prompt, prompt.style) * scale);
  const numbers = $derived(Object.fromEntries(prompt.parts.map(({ id, number }) => [id, number])));
  /** The words of the bank; none, where no gap is filled from it. */
  const bank = $derived(bankLeft(prompt, texts));
  const inHand = $derived(prompt.gaps.find(({ id }) => id === part));
  const textOf = (id: string) => texts.get(id) ?? "";
  const fillOf = (id: string) => prompt.gaps.find((gap) => gap.id === id)?.fill ?? "typed";

  /** The words that a gap may be filled with, and how many of each are left. */
  const choicesOf = (id: string): [word: string, left: number][] =>
    fillOf(id) === "bank" ? bank : offered(prompt, id).map((word) => [word, 1]);

  function labelOf(id: string): string {
    const { before, after } = around(prompt.passage, id);
    return /* @wc-include */ `Answer ${numbers[id]}: ${before} ___ ${after}`;
  }

  const write = (id: string, text: string) => onentry(id, { kind: "gaps", version: 1, text });

  /** Whether a word of the bank can still be taken for a gap. */
  const isFree = (id: string, word: string, left: number) => left > 0 || textOf(id) === word;

  /**
   * Put a word of the bank into the gap in hand, or the first that is blank, and go on to the next one; a word of which
   * none is left is taken out of its gap.
   */
  function take(word: string, left: number) {
    const fromBank = prompt.gaps.filter(({ fill }) => fill === "bank");
    const holds = left > 0 ? undefined : fromBank.find(({ id }) => textOf(id) === word);
    const to = holds ?? (inHand?.fill === "bank" ? inHand : fromBank.find(({ id }) => !textOf(id)));
    if (!to) return;
    write(to.id, holds ? "" : word);
    const next = fromBank.find(({ id }) => id !== to.id && !textOf(id));
    onfocus(holds || !next ? to.id : next.id);
  }
</script>

{#snippet words(id: string)}
  <div class="flex flex-wrap gap-2" role="group" aria-label={labelOf(id)}>
    {#each choicesOf(id) as [word, left] (word)}
      <button
        class="btn h-11 {textOf(id) === word ? 'btn-primary' : 'btn-outline'}"
        aria-pressed={textOf(id) === word}
        disabled={readonly || !isFree(id, word, left)}
        onclick={() => write(id, textOf(id) === word ? "" : word)}
        >{word}{#if left > 1}<span class="quiet text-sm">×{left}</span>{/if}</button
      >
    {/each}
  </div>
{/snippet}

{#if docked && inHand}
  {@const { before, after } = around(prompt.passage, inHand.id)}
  <p class="mb-2" dir="auto">{before} <b>___</b> {after}</p>
  {#if inHand.fill === "typed"}
    <PartInput
      label={labelOf(inHand.id)}
      text={textOf(inHand.id)}
      {readonly}
      onwrite={(text) => write(inHand.id, text)}
    />
  {:else}
    {@render words(inHand.id)}
  {/if}
{:else}
  <div class="flex h-full flex-col">
    <div class="min-h-0 flex-1">
      <Passage passage={prompt.passage} size="calc({size}px * var(--letters, 1))">
        {#snippet gap(id, first)}
          {@const verdict = verdicts[id]}
          <span class="gap" class:in-hand={part === id && !readonly}>
            {#if first}<span class="gap-number" aria-hidden="true">{numbers[id]}</span>{/if}
            {#if !first || readonly}
              <bdi class="gap-words">{textOf(id) || " "}</bdi>
            {:else if beside}
              <button
                class="gap-words min-w-12"
                data-question="{prompt.id}/{id}"
                aria-label={textOf(id)
                  ? /* @wc-include */ `Question ${numbers[id]}: ${textOf(id)}`
                  : /* @wc-include */ `Question ${numbers[id]}: blank`}
                onclick={() => onfocus(id)}>{textOf(id) || " "}</button
              >
            {:else if fillOf(id) === "typed"}
              <input
                class="gap-control"
                data-question="{prompt.id}/{id}"
                aria-label={labelOf(id)}
                size={Math.max(8, textOf(id).length)}
                maxlength={LIMITS.written}
                value={textOf(id)}
                dir="auto"
                autocomplete="off"
                autocapitalize="off"
                spellcheck="false"
                onfocus={() => onfocus(id)}
                oninput={(event) => write(id, event.currentTarget.value)}
              />
            {:else}
              <select
                class="gap-control"
                data-question="{prompt.id}/{id}"
                aria-label={labelOf(id)}
                value={textOf(id)}
                onfocus={() => onfocus(id)}
                onchange={(event) => write(id, event.currentTarget.value)}
              >
                <option value=""></option>
                {#each choicesOf(id) as [word, left] (word)}
                  <option disabled={!isFree(id, word, left)}>{word}</option>
                {/each}
              </select>
            {/if}
            {#if first && verdict}
              <VerdictMark verdict={verdict.verdict} tries={triesBefore(verdict)} />
            {/if}
          </span>
        {/snippet}
      </Passage>
    </div>
    {#if bank.length > 0}
      <ul class="bank" aria-label="Word bank" style:font-size="calc({size}px * var(--letters, 1))">
        {#each bank as [word, left] (word)}
          <li>
            <button
              class="bank-word"
              class:used={left <= 0}
              disabled={readonly || beside}
              onclick={() => take(word, left)}>{word}</button
            >
          </li>
        {/each}
      </ul>
    {/if}
  </div>
{/if}
