<script lang="ts">
  import { Failure } from "../../api/failure";
  import { announce } from "../../ui/Announcer.svelte";
  import { inWords } from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  let { working }: { working: Working } = $props();

  let busy = $state(false);
  let problem = $state("");
  const prompt = $derived(working.prompt);

  async function check() {
    if (!prompt) return;
    busy = true;
    problem = "";
    try {
      await working.check(prompt);
      const verdict = working.verdict(prompt)?.verdict;
      if (verdict) announce(`Question ${working.number(prompt)}: ${inWords(verdict)}`);
    } catch (failure) {
      problem = failure instanceof Failure ? failure.message : String(failure);
    }
    busy = false;
  }
</script>

{#if working.copy.may_check && prompt}
  {#if problem}<span class="text-sm font-semibold text-warning" role="alert">{problem}</span>{/if}
  <button class="btn btn-outline btn-primary h-11" disabled={busy || working.isBlank(prompt)} onclick={check}>
    Check {working.number(prompt)}
  </button>
{/if}
