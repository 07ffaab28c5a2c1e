<script lang="ts">
  // A passage with what is written in its gaps, only shown: as a student's answer, or as the key.
  import VerdictMark from "../../ui/VerdictMark.svelte";
  import type { ReviewedPart } from "../teacher";
  import Passage from "./Passage.svelte";
  import type { Stretch } from "./passage";

  interface Props {
    passage: readonly Stretch[];
    size: string;
    /** What is written, by the gaps' ids. */
    texts: ReadonlyMap<string, string>;
    numbers: Readonly<Record<string, string>>;
    /** The words of the bank. */
    bank?: readonly string[];
    /** Whether it is only seen: what is around it says in words what it is. */
    drawn?: boolean;
    /** The marks of gaps that can be looked at. */
    parts?: readonly ReviewedPart[];
    onpick?: (part: string) => void;
  }
  let { passage, size, texts, numbers, bank = [], drawn = false, parts = [], onpick }: Props = $props();
</script>

<span class="flex h-full flex-col">
  <span class="block min-h-0 flex-1"
    ><Passage {passage} {size} {drawn}>
      {#snippet gap(id, first)}
        {@const part = parts.find((part) => part.id === id)}
        {#if part && onpick && first}
          <button
            class="gap"
            class:in-hand={part.selected}
            aria-pressed={part.selected}
            aria-label={part.label}
            onclick={() => onpick(id)}
            >{@render inside(id, first)}{#if part.mark}<VerdictMark
                verdict={part.mark.verdict}
                tries={part.mark.tries}
                silent
              />{/if}</button
          >
        {:else}
          <span class="gap">{@render inside(id, first)}</span>
        {/if}
      {/snippet}
    </Passage></span
  >
  {#if bank.length > 0}
    <span class="bank" style:font-size={size}>
      {#each bank as word (word)}{@render words("bank-word", word)}{/each}
    </span>
  {/if}
</span>

{#snippet inside(id: string, first: boolean)}
  {#if first && numbers[id]}{@render words("gap-number", numbers[id])}{/if}
  {@render words("gap-words", texts.get(id) || " ")}
{/snippet}

{#snippet words(look: string, text: string)}
  {#if drawn}<span class="{look} before:content-[attr(data-text)]" data-text={text}></span>{:else}<bdi
      class={look}>{text}</bdi
    >{/if}
{/snippet}
