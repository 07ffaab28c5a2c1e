<script lang="ts">
  // The help on a question: what there is and what it costs, and what it says once it was asked for.
  import { Failure } from "../../../api/failure";
  import { announce } from "../../../ui/Announcer.svelte";
  import Dialog from "../../../ui/Dialog.svelte";
  import type { HelpOffer, Question, Working } from "../working.svelte";
  import Shown from "./Shown.svelte";

  interface Props {
    working: Working;
    question: Question;
    offers: readonly HelpOffer[];
    onclose: () => void;
  }
  let { working, question, offers, onclose }: Props = $props();

  // @wc-include
  const LABELS: Record<HelpOffer["kind"], string> = {
    hint: "A hint",
    example: "A worked example",
    link: "A page to look at",
    sound: "Something to listen to",
    picture: "A picture",
  };

  let busy = $state(false);
  let problem = $state("");

  async function ask(offer: HelpOffer) {
    busy = true;
    problem = "";
    try {
      await working.askFor(question.prompt, offer.id);
      announce(`${LABELS[offer.kind]} is shown.`);
    } catch (failure) {
      problem =
        failure instanceof Failure && failure.offline
          ? "Help needs a connection, and there is none now. Try again later."
          : failure instanceof Failure
            ? failure.message
            : String(failure);
    }
    busy = false;
  }
</script>

<Dialog title="Help on question {question.part.number}" class="w-[min(32rem,calc(100vw-1rem))]" {onclose}>
  <ul class="mt-2 space-y-4">
    {#each offers as offer (offer.id)}
      {@const help = working.shownHelp(question.prompt, offer.id)}
      <li>
        {#if help}
          <h3 class="text-base">{LABELS[offer.kind]}</h3>
          <Shown {help} copy={working.copy.id} />
        {:else}
          <div class="flex flex-wrap items-center gap-3">
            <p class="flex-1">
              <b>{LABELS[offer.kind]}</b>
              {#if offer.cost > 0}
                <span class="block text-sm">Takes {offer.cost} % of the points.</span>
              {/if}
            </p>
            {#if !working.readonly}
              <button
                class="btn btn-outline h-11"
                disabled={busy}
                aria-label="Show it: {LABELS[offer.kind]}"
                onclick={() => ask(offer)}>Show it</button
              >
            {/if}
          </div>
        {/if}
      </li>
    {/each}
  </ul>
  {#if problem}<p class="problem mt-4" role="alert">{problem}</p>{/if}
  <p class="quiet mt-4 text-sm">Your teacher sees which help you asked for.</p>
  <div class="mt-4 flex justify-end">
    <button class="btn btn-primary h-11" onclick={onclose}>Back to the question</button>
  </div>
</Dialog>
