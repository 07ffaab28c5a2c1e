<script lang="ts">
  // Reads the question in hand to who listens.
  import Square from "@lucide/svelte/icons/square";
  import Volume2 from "@lucide/svelte/icons/volume-2";
  import type { Working } from "../working.svelte";
  import type { Listening } from "./listening.svelte";

  let { working, listening }: { working: Working; listening: Listening } = $props();

  const question = $derived(working.question);
  const heard = $derived(question !== undefined && listening.aloud.reading === question.name);
</script>

{#if question && listening.canHear(question)}
  <button
    class="btn btn-outline size-11 p-0"
    aria-label={heard ? "Stop reading" : `Read question ${question.part.number} to me`}
    title={heard ? "Stop reading" : "Read this question to me"}
    onclick={() => (heard ? listening.stop() : listening.readQuestion(question))}
  >
    {#if heard}<Square size={18} aria-hidden="true" />{:else}<Volume2 size={20} aria-hidden="true" />{/if}
  </button>
{/if}
