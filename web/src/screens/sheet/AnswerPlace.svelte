<script lang="ts">
  // One place of a field on the page. On a phone it only shows the answer and is pressed to answer in the dock.
  import type { Prompt } from "../../api/student";
  import { dressed } from "../../kinds/look";
  import { kindOf, numbersAt, type Place } from "../../kinds/student";
  import { roomFor, type TabPlace } from "../../canvas/tab_place";
  import NumberTab from "../../ui/NumberTab.svelte";
  import VerdictMark, { triesBefore } from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    prompt: Prompt;
    place: Place;
    scale: number;
    tab: TabPlace | undefined;
    docked: boolean;
    onpick: () => void;
  }
  let { working, prompt, place, scale, tab, docked, onpick }: Props = $props();

  const { Answering, Shown, clear, direct, numbersItself } = $derived(kindOf(prompt));
  /** What is asked here: a place may be several parts', or none's. */
  const questions = $derived(working.questionsOf(prompt).filter(({ part }) => part.place === place.id));
  const numbers = $derived(numbersAt(prompt, place));
  const answer = $derived(working.answers[prompt.id]);
  const blank = $derived(questions.every((question) => working.isBlank(question)));
  const verdict = $derived(questions[0] && working.verdict(questions[0]));
  const inHand = $derived(!working.readonly && questions.some(({ name }) => name === working.current));

  /** What was said of its parts. */
  const verdictsOf = () =>
    Object.fromEntries(
      questions.flatMap((question) => {
        const said = working.verdict(question);
        return said ? [[question.part.id, said]] : [];
      }),
    );

  function pick() {
    working.take(prompt, questions[0]?.part.id);
    onpick();
  }
</script>

<div
  class="film-field [--field-usual-ink:var(--sheet-ink)] {inHand
    ? 'z-2 bg-(--sheet) outline-[2.5px] outline-accent'
    : blank || clear || prompt.style.fill !== 'film'
      ? ''
      : 'bg-(--sheet)/95'} {clear ? 'clear bg-transparent! outline-0' : ''}"
  style:left="{place.box.x * scale}px"
  style:top="{place.box.y * scale}px"
  style:width="{place.box.width * scale}px"
  style:height="{place.box.height * scale}px"
  style:--tab-room={roomFor(tab, numbers)}
  data-field={prompt.id}
  {@attach dressed(prompt.style, clear)}
  data-questions={questions.map(({ name }) => name).join(" ")}
>
  {#if docked && !working.readonly && !direct}
    <button
      class="block h-full w-full overflow-hidden ps-[calc(0.25rem+var(--tab-room,0px))] pe-1 text-start text-base leading-tight font-semibold"
      aria-label={blank || !answer
        ? `Question ${numbers}: blank`
        : `Question ${numbers}: ${kindOf(prompt).inWords(answer, prompt)}`}
      aria-pressed={inHand}
      onclick={pick}
    >
      {#if Shown}<Shown {prompt} {answer} />{:else if answer}{kindOf(prompt).inWords(answer, prompt)}{/if}
    </button>
  {:else}
    <Answering
      {prompt}
      {place}
      {answer}
      {scale}
      label={prompt.name ? `Answer ${numbers}: ${prompt.name}` : `Answer ${numbers}`}
      beside={docked}
      readonly={working.readonly}
      part={questions.find(({ name }) => name === working.current)?.part.id}
      verdicts={numbersItself ? verdictsOf() : {}}
      onanswer={(answer) => working.answer(prompt, answer)}
      onentry={(name, entry) => working.change(prompt, name, entry)}
      onfocus={(part) => working.take(prompt, part ?? questions[0]?.part.id)}
    />
  {/if}
  {#if numbers}
    <NumberTab number={numbers} box={place.box} place={tab} {scale} current={inHand} />
  {/if}
  {#if verdict && !numbersItself}
    <span class="pointer-events-none absolute -top-2.5 -right-2.5 rounded-full bg-(--sheet) leading-none">
      <VerdictMark verdict={verdict.verdict} tries={triesBefore(verdict)} />
    </span>
  {/if}
</div>
