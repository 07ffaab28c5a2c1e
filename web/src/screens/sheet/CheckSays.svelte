<script lang="ts">
  // What the check of the question in hand said, and how many tries are left.
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  let { working }: { working: Working } = $props();

  const prompt = $derived(working.prompt);
  const said = $derived(prompt && working.verdict(prompt));
  const left = $derived(prompt && working.copy.may_check ? working.triesLeft(prompt) : null);
</script>

{#if said}
  <span class="flex items-center gap-2">
    <VerdictMark verdict={said.verdict} silent />
    <span
      ><b>{inWords(said.verdict)}</b>{#if said.reason}<span class="text-sm">: {said.reason}</span>{/if}</span
    >
  </span>
  {#if said.hint}
    <p class="basis-full text-sm max-sm:order-last sm:order-first sm:text-right">
      <b>Hint:</b>
      {said.hint}
    </p>
  {/if}
{/if}
{#if left !== null && !working.readonly && said?.verdict !== "right"}
  <span class="quiet text-sm whitespace-nowrap">
    {left === 0 ? "no try left" : left === 1 ? "1 try left" : `${left} tries left`}
  </span>
{/if}
