<script lang="ts">
  import { sentenceOf } from "../../api/failure";
  import { announce } from "../../ui/Announcer.svelte";
  import { inWords } from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  let { working }: { working: Working } = $props();

  let busy = $state(false);
  let problem = $state("");
  const question = $derived(working.question);

  async function check() {
    if (!question) return;
    busy = true;
    problem = "";
    try {
      await working.check(question);
      const said = working.verdict(question);
      if (said) {
        const more = [said.reason, said.hint && `Hint: ${said.hint}`].filter(Boolean);
        announce([`Question ${question.part.number}: ${inWords(said.verdict)}`, ...more].join(". "));
      }
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }
</script>

{#if working.copy.may_check && question && question.part.points > 0}
  {#if problem}<span class="text-sm font-semibold text-warning" role="alert">{problem}</span>{/if}
  <button
    class="btn btn-outline btn-primary h-11"
    disabled={busy || !working.canCheck(question)}
    onclick={check}
  >
    Check {question.part.number}
  </button>
{/if}
