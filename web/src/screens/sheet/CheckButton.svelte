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
      const said = working.verdict(prompt);
      if (said) {
        const more = [said.reason, said.hint && `Hint: ${said.hint}`].filter(Boolean);
        announce([`Question ${working.number(prompt)}: ${inWords(said.verdict)}`, ...more].join(". "));
      }
    } catch (failure) {
      problem = failure instanceof Failure ? failure.message : String(failure);
    }
    busy = false;
  }
</script>

{#if working.copy.may_check && prompt && prompt.marked}
  {#if problem}<span class="text-sm font-semibold text-warning" role="alert">{problem}</span>{/if}
  <button
    class="btn btn-outline btn-primary h-11"
    disabled={busy || !working.canCheck(prompt)}
    onclick={check}
  >
    Check {working.number(prompt)}
  </button>
{/if}
