<script lang="ts">
  // Leads to the help that there is on the question in hand.
  import LifeBuoy from "@lucide/svelte/icons/life-buoy";
  import Later from "../../../ui/Later.svelte";
  import type { Working } from "../working.svelte";

  let { working }: { working: Working } = $props();

  let open = $state(false);
  const close = () => (open = false);
  const question = $derived(working.question);
  const offers = $derived(question ? working.helpOn(question) : []);
</script>

{#if question && offers.length > 0}
  <button
    class="btn btn-outline h-11 max-sm:size-11 max-sm:p-0"
    aria-label="Help on question {question.part.number}"
    onclick={() => (open = true)}
    ><LifeBuoy size={20} aria-hidden="true" /><span class="max-sm:sr-only">Help</span></button
  >
  {#if open}
    <Later load={() => import("./HelpDialog.svelte")} onclose={close}>
      {#snippet children({ default: HelpDialog })}
        <HelpDialog {working} {question} {offers} onclose={close} />
      {/snippet}
    </Later>
  {/if}
{/if}
