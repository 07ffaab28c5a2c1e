<script lang="ts">
  // On a phone: the question in hand under the thumb, large enough to type into.
  import type { Snippet } from "svelte";
  import { kindOf, placesOf } from "../../kinds/student";
  import Aid from "./Aid.svelte";
  import CheckSays from "./CheckSays.svelte";
  import CheckButton from "./CheckButton.svelte";
  import HelpButton from "./help/HelpButton.svelte";
  import ListenButton from "./listening/ListenButton.svelte";
  import type { Listening } from "./listening/listening.svelte";
  import type { ReadingSettings } from "./reading/reading.svelte";
  import FlagButton from "./FlagButton.svelte";
  import type { Question, Working } from "./working.svelte";

  interface Props {
    working: Working;
    listening: Listening;
    reading: ReadingSettings;
    /** What the question in hand asks for, in the teacher's words. */
    asked: Snippet<[own: string]>;
    ongo: (question: Question) => void;
  }
  let { working, listening, reading, asked, ongo }: Props = $props();

  const question = $derived(working.question);
  const prompt = $derived(question?.prompt);
  const Answering = $derived(prompt && kindOf(prompt).Answering);
  const back = $derived(working.neighbour(-1));
  const on = $derived(working.nextBlank());
  const answered = $derived(working.asked.length - working.blanks.length);

  let dock: HTMLElement;

  /** Bring the cursor to the answer in hand. */
  export function focus(): void {
    dock
      .querySelector<HTMLElement>("[data-answer] :is(input, textarea, select, button)")
      ?.focus({ preventScroll: true });
  }
</script>

<section
  bind:this={dock}
  class="border-t border-(--hairline) bg-base-100 px-3.5 py-3"
  aria-label="The question in hand"
>
  {#if question && prompt && Answering}
    <div class="mb-2 flex flex-wrap items-center gap-x-2.5 gap-y-1">
      <b class="number-tab h-8 min-w-8 flex-none bg-accent px-1.5 text-accent-content">
        {question.part.number}
      </b>
      <CheckSays {working} />
      <span class="quiet ms-auto text-sm whitespace-nowrap">{answered} of {working.asked.length}</span>
      <button
        class="btn btn-ghost h-11 px-2 text-sm"
        onclick={() => reading.set({ shows: reading.now.shows === "page" ? "question" : "page" })}
        >{reading.now.shows === "page" ? "One question" : "Whole page"}</button
      >
    </div>
    {@render asked("mb-2 max-h-[20dvh] overflow-y-auto")}
    {@const places = placesOf(prompt)}
    {@const place = places.find(({ id }) => id === question.part.place) ?? places[0]}
    {#if place}{#key question.name}
        <!-- However much there is to press: the page stays in view above, and the buttons below. -->
        <div
          data-answer
          class="-m-1 max-h-[max(26dvh,7rem)] overflow-y-auto p-1 text-[calc(1rem*var(--letters,1))] text-base-content [&_input:not([type=radio],[type=checkbox])]:h-12"
        >
          <Answering
            {prompt}
            {place}
            answer={working.answers[prompt.id]}
            scale={1}
            docked
            part={question.part.id}
            label="Answer {question.part.number}"
            onanswer={(answer) => working.answer(prompt, answer)}
            onentry={(name, entry) => working.change(prompt, name, entry)}
            onfocus={() => undefined}
          />
        </div>
      {/key}{/if}
    <Aid {working} find={() => dock.querySelector<HTMLElement>("[data-answer]")} class="mt-2" />
    <div class="mt-3 flex flex-wrap gap-2.5 [&>*:not(.size-11,.max-sm\:size-11)]:flex-1">
      <FlagButton {working} />
      <ListenButton {working} {listening} />
      <HelpButton {working} />
      <button class="btn btn-outline h-11" disabled={!back} onclick={() => back && ongo(back)}>Back</button>
      <CheckButton {working} />
      <button class="btn btn-secondary h-11" disabled={!on} onclick={() => on && ongo(on)}>Next blank</button>
    </div>
  {:else}
    <p class="quiet">There is nothing to answer on this worksheet.</p>
  {/if}
</section>
