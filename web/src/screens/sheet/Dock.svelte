<script lang="ts">
  // On a phone: the question in hand under the thumb, large enough to type into.
  import { kindOf } from "../../kinds/student";
  import CheckSays from "./CheckSays.svelte";
  import CheckButton from "./CheckButton.svelte";
  import type { Working } from "./working.svelte";

  let { working, ongo }: { working: Working; ongo: (fieldId: string) => void } = $props();

  const prompt = $derived(working.prompt);
  const Answering = $derived(prompt && kindOf(prompt).Answering);
  const back = $derived(working.neighbour(-1));
  const on = $derived(working.nextBlank());
  const answered = $derived(working.prompts.length - working.blanks.length);
</script>

<section class="border-t border-(--hairline) bg-base-100 px-3.5 py-3" aria-label="The question in hand">
  {#if prompt && Answering}
    <div class="mb-2 flex flex-wrap items-center gap-x-2.5 gap-y-1">
      <b
        class="grid h-8 min-w-8 flex-none place-items-center rounded-full bg-accent px-1.5 text-accent-content tabular-nums"
      >
        {working.number(prompt)}
      </b>
      <CheckSays {working} />
      {#if working.refused[prompt.id]}<span class="text-sm text-warning" role="alert"
          >{working.refused[prompt.id]}</span
        >{/if}
      <span class="quiet ml-auto text-sm whitespace-nowrap">{answered} of {working.prompts.length}</span>
    </div>
    {#key prompt.id}
      <div class="text-base-content [&_input:not([type=radio],[type=checkbox])]:h-12">
        <Answering
          {prompt}
          answer={working.answers[prompt.id]}
          scale={1}
          docked
          label="Answer {working.number(prompt)}"
          onanswer={(answer) => working.answer(prompt, answer)}
          onfocus={() => undefined}
        />
      </div>
    {/key}
    <div class="mt-3 flex flex-wrap gap-2.5 [&>*]:flex-1">
      <button class="btn btn-outline h-11" disabled={!back} onclick={() => back && ongo(back.id)}>Back</button
      >
      <CheckButton {working} />
      <button class="btn btn-secondary h-11" disabled={!on} onclick={() => on && ongo(on.id)}
        >Next blank</button
      >
    </div>
  {:else}
    <p class="quiet">There is nothing to answer on this worksheet.</p>
  {/if}
</section>
