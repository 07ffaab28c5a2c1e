<script lang="ts">
  // The row of numbers: blank ones are dashed, answered ones filled; what is checked has its verdict, what is flagged a
  // flag, and the one in hand stands on a bar.
  import Flag from "@lucide/svelte/icons/flag";
  import VerdictMark, { inWords, triesBefore } from "../../ui/VerdictMark.svelte";
  import type { Question, Working } from "./working.svelte";

  let { working, ongo }: { working: Working; ongo: (question: Question) => void } = $props();

  /** What a question is like, in words. */
  function inWordsOf(question: Question): string {
    const verdict = working.verdict(question);
    return [
      working.isBlank(question) ? /* @wc-include */ "blank" : /* @wc-include */ "answered",
      ...(verdict ? [inWords(verdict.verdict, triesBefore(verdict))] : []),
      ...(working.flags.has(question.name) ? [/* @wc-include */ "to come back to"] : []),
    ].join(", ");
  }

  let beads: HTMLOListElement;
  $effect(() => {
    const at = working.questions.findIndex(({ name }) => name === working.current);
    const bead = beads.children[at];
    if (!(bead instanceof HTMLElement)) return;
    // The row alone is scrolled, and not the page around it.
    const middle = bead.offsetLeft + bead.offsetWidth / 2;
    beads.scrollTo({ left: middle - beads.clientWidth / 2 });
  });
</script>

<ol bind:this={beads} class="relative flex min-w-0 flex-1 overflow-x-auto p-0.5">
  {#each working.questions as question (question.name)}
    {@const verdict = working.verdict(question)}
    {@const current = working.current === question.name && !working.readonly}
    <li>
      <button
        class="relative grid h-11 min-w-11 place-items-center"
        aria-label="Question {question.part.number}, {inWordsOf(question)}"
        aria-current={working.current === question.name ? "true" : undefined}
        onclick={() => ongo(question)}
      >
        <span
          class="number-tab h-8 min-w-8 px-1.5 text-sm font-bold {working.isBlank(question)
            ? 'blank'
            : 'answered'}"
          class:current
        >
          {question.part.number}
        </span>
        {#if working.flags.has(question.name)}
          <Flag size={14} class="absolute end-0 top-0 text-warning" fill="currentColor" aria-hidden="true" />
        {/if}
        {#if verdict}
          <span class="absolute end-0 bottom-0 rounded-full bg-base-100 text-xs leading-none">
            <VerdictMark verdict={verdict.verdict} tries={triesBefore(verdict)} silent />
          </span>
        {/if}
      </button>
    </li>
  {/each}
</ol>
