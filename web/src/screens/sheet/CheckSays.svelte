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
  <span class="flex min-w-0 items-center gap-2">
    <VerdictMark verdict={said.verdict} silent />
    <span class="min-w-0">
      <b>{inWords(said.verdict)}</b>{#if said.reason}<span class="text-sm">: {said.reason}</span>{/if}
      {#if said.hint}<span class="block text-sm"><b>Hint:</b> {said.hint}</span>{/if}
    </span>
  </span>
{/if}
{#if left !== null && !working.readonly && said?.verdict !== "right"}
  <span class="quiet text-sm whitespace-nowrap">
    {left === 0 ? "no try left" : left === 1 ? "1 try left" : `${left} tries left`}
  </span>
{/if}
