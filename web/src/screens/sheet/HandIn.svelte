<script lang="ts">
  // What is still blank is shown before a copy is handed in.
  import { plural } from "../../words/say";
  import { Failure } from "../../api/failure";
  import Dialog from "../../ui/Dialog.svelte";
  import type { Question, Working } from "./working.svelte";

  interface Props {
    working: Working;
    ongo: (question: Question) => void;
    onclose: () => void;
  }
  let { working, ongo, onclose }: Props = $props();

  let busy = $state(false);
  let problem = $state("");
  const blanks = $derived(working.blanks);
  const flagged = $derived(working.questions.filter(({ name }) => working.flags.has(name)));
  const title = $derived(
    blanks.length === 0
      ? "Hand in?"
      : plural(blanks.length, ["One question is still blank", "# questions are still blank"]),
  );

  async function handIn() {
    busy = true;
    problem = "";
    try {
      await working.handIn();
      onclose();
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

{#snippet there(questions: Question[], label: string)}
  <ul class="mt-3 flex flex-wrap gap-2" aria-label={label}>
    {#each questions as question (question.name)}
      <li>
        <button
          class="btn btn-outline h-11 number-tab min-w-11 px-2"
          aria-label="Go to question {question.part.number}"
          onclick={() => ongo(question)}
        >
          {question.part.number}
        </button>
      </li>
    {/each}
  </ul>
{/snippet}

<Dialog {title} class="w-[min(28rem,92vw)]" {onclose}>
  {#if blanks.length > 0}
    {@render there(blanks, "Blank questions")}
  {:else}
    <p class="mt-2">Every question has an answer. After this you cannot change them.</p>
  {/if}
  {#if flagged.length > 0}
    <p class="mt-4 font-semibold">You wanted to come back to:</p>
    {@render there(flagged, "To come back to")}
  {/if}
  {#if blanks.length + flagged.length > 0}<p class="quiet mt-3">Press a number to go there.</p>{/if}
  {#if problem}<p class="mt-4 problem" role="alert">
      {problem}
    </p>{/if}
  <div class="mt-6 flex flex-wrap gap-3">
    <button class="btn btn-primary h-11" disabled={busy} onclick={handIn}>
      {blanks.length === 0 ? "Hand in" : "Hand in all the same"}
    </button>
    <button class="btn btn-ghost h-11" onclick={onclose}>Go on working</button>
  </div>
</Dialog>
