<script lang="ts">
  // A question's place on the page. On a phone it only shows the answer and is pressed to answer in the dock.
  import type { Prompt } from "../../api/student";
  import { kindOf } from "../../kinds/student";
  import VerdictMark from "../../ui/VerdictMark.svelte";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    prompt: Prompt;
    scale: number;
    docked: boolean;
    onpick: () => void;
  }
  let { working, prompt, scale, docked, onpick }: Props = $props();

  const { Answering, Shown, clear } = $derived(kindOf(prompt));
  const number = $derived(working.number(prompt));
  const answer = $derived(working.answers[prompt.id]);
  const blank = $derived(working.isBlank(prompt));
  const verdict = $derived(working.verdict(prompt));
  const inHand = $derived(working.current === prompt.id && !working.readonly);

  function pick() {
    working.current = prompt.id;
    onpick();
  }
</script>

<div
  class="film-field text-(--sheet-ink) {inHand
    ? 'z-2 bg-(--sheet) outline-[2.5px] outline-accent'
    : blank || clear
      ? ''
      : 'bg-(--sheet)/95'} {clear ? 'bg-transparent! outline-0' : ''}"
  style:left="{prompt.box.x * scale}px"
  style:top="{prompt.box.y * scale}px"
  style:width="{prompt.box.width * scale}px"
  style:height="{prompt.box.height * scale}px"
  data-field={prompt.id}
>
  {#if docked && !working.readonly}
    <button
      class="block h-full w-full overflow-hidden px-1 text-left text-base leading-tight font-semibold"
      aria-label="Question {number}: {blank || !answer ? 'blank' : kindOf(prompt).inWords(answer, prompt)}"
      aria-pressed={inHand}
      onclick={pick}
    >
      {#if Shown}<Shown {prompt} {answer} />{:else if answer}{kindOf(prompt).inWords(answer, prompt)}{/if}
    </button>
  {:else}
    <Answering
      {prompt}
      {answer}
      {scale}
      label={prompt.name ? `Answer ${number}: ${prompt.name}` : `Answer ${number}`}
      readonly={working.readonly}
      onanswer={(answer) => working.answer(prompt, answer)}
      onfocus={() => (working.current = prompt.id)}
    />
  {/if}
  <span
    class="film-tag absolute -top-2.5 -left-2.5 {inHand ? 'bg-accent text-accent-content' : ''}"
    aria-hidden="true"
  >
    {number}
  </span>
  {#if verdict}
    <span class="pointer-events-none absolute -top-2.5 -right-2.5 rounded-full bg-(--sheet) leading-none">
      <VerdictMark verdict={verdict.verdict} tries={verdict.verdict === "right" ? verdict.tries - 1 : 0} />
    </span>
  {/if}
</div>
