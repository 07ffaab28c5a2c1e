<script lang="ts">
  // Flags the question in hand, to come back to it.
  import Flag from "@lucide/svelte/icons/flag";
  import type { Working } from "./working.svelte";

  let { working }: { working: Working } = $props();

  const question = $derived(working.question);
  const flagged = $derived(question !== undefined && working.flags.has(question.name));
</script>

{#if question}
  <button
    class="btn btn-outline size-11 p-0"
    aria-pressed={flagged}
    aria-label="Come back to question {question.part.number}"
    title="Come back to it"
    onclick={() => working.flags.toggle(question.name)}
  >
    <Flag size={20} fill={flagged ? "currentColor" : "none"} aria-hidden="true" />
  </button>
{/if}
