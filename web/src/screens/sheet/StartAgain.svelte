<script lang="ts">
  // Puts back everything that was moved on the page in view; and, pressed again, has it lie as before.
  import RotateCcw from "@lucide/svelte/icons/rotate-ccw";
  import Undo2 from "@lucide/svelte/icons/undo-2";
  import { announce } from "../../ui/Announcer.svelte";
  import type { Working } from "./working.svelte";

  let { working, page }: { working: Working; page: string } = $props();

  const moved = $derived(working.movedOn(page).length > 0);

  function press() {
    const undoing = working.canUndo;
    working.startAgain(page);
    announce(undoing ? "All lies as it did before." : "All on this page is put back.");
  }
</script>

{#if !working.readonly && (moved || working.canUndo)}
  <button class="btn h-11 bg-base-100 shadow-md max-sm:w-11 max-sm:p-0" onclick={press}>
    {#if working.canUndo}
      <Undo2 size={18} aria-hidden="true" /><span class="max-sm:sr-only">Undo</span>
    {:else}
      <RotateCcw size={18} aria-hidden="true" /><span class="max-sm:sr-only">Start this page again</span>
    {/if}
  </button>
{/if}
