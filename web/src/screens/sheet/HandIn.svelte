<script lang="ts">
  import { Failure } from "../../api/failure";
  import type { Working } from "./working.svelte";

  let { working, ongo }: { working: Working; ongo: (fieldId: string) => void } = $props();

  let dialog: HTMLDialogElement;
  let busy = $state(false);
  let problem = $state("");
  const blanks = $derived(working.blanks);

  /** Show what is still blank, and ask. */
  export function ask(): void {
    problem = "";
    dialog.showModal();
  }

  function goTo(fieldId: string) {
    dialog.close();
    ongo(fieldId);
  }

  async function handIn() {
    busy = true;
    problem = "";
    try {
      await working.handIn();
      dialog.close();
    } catch (failure) {
      problem =
        failure instanceof Failure && failure.offline
          ? "There is no connection, so this cannot be handed in now. Your answers are kept on this device."
          : failure instanceof Failure
            ? failure.message
            : String(failure);
    }
    busy = false;
  }
</script>

<dialog
  bind:this={dialog}
  class="card-paper m-auto max-h-[90dvh] w-[min(28rem,92vw)] overflow-y-auto px-6 py-6 text-base-content backdrop:bg-neutral/40"
  aria-labelledby="hand-in"
>
  <h2 id="hand-in" class="text-xl">
    {#if blanks.length === 0}Hand in?{:else if blanks.length === 1}One box is still blank{:else}{blanks.length}
      boxes are still blank{/if}
  </h2>
  {#if blanks.length > 0}
    <ul class="mt-3 flex flex-wrap gap-2" aria-label="Blank boxes">
      {#each blanks as prompt (prompt.id)}
        <li>
          <button
            class="btn btn-outline h-11 min-w-11 rounded-full px-2 tabular-nums"
            aria-label="Go to question {working.number(prompt)}"
            onclick={() => goTo(prompt.id)}
          >
            {working.number(prompt)}
          </button>
        </li>
      {/each}
    </ul>
    <p class="quiet mt-3">Press a number to go there.</p>
  {:else}
    <p class="mt-2">Every box has an answer. After this you cannot change them.</p>
  {/if}
  {#if problem}<p class="mt-4 border-l-4 border-warning pl-3 font-semibold text-warning" role="alert">
      {problem}
    </p>{/if}
  <div class="mt-6 flex flex-wrap gap-3">
    <button class="btn btn-primary h-11" disabled={busy} onclick={handIn}>
      {blanks.length === 0 ? "Hand in" : "Hand in all the same"}
    </button>
    <button class="btn btn-ghost h-11" onclick={() => dialog.close()}>Go on working</button>
  </div>
</dialog>
