<script lang="ts">
  // Lays notes, in a colour.
  import { sheetStore } from "../sheet_store";
  import type { AidProps, AnswerOf } from "../student";
  import { PAPERS, type NoteColour } from "./colours";
  import { layingOf } from "./laying.svelte";
  import { MOST } from "./notes";

  let { prompt }: AidProps<"free_note"> = $props();

  const NAMES: Record<NoteColour, string> = /* @wc-include */ {
    yellow: "Yellow",
    blue: "Blue",
    rose: "Rose",
    green: "Green",
  };

  const COLOURS = Object.keys(PAPERS) as NoteColour[];

  const store = sheetStore();
  const laying = layingOf(store);
  const answer = $derived(store.answers[prompt.id] as AnswerOf<"free_note"> | undefined);
  const full = $derived((answer?.notes.length ?? 0) >= MOST);
  const on = $derived(laying.on === prompt.id);
</script>

<div class="flex flex-wrap items-center gap-2">
  <button
    class="btn h-11 {on ? 'btn-primary' : 'btn-outline'}"
    aria-pressed={on}
    disabled={full}
    onclick={() => (laying.on = on ? undefined : prompt.id)}>Lay a note: press the page</button
  >
  <button class="btn btn-outline h-11" disabled={full} onclick={() => (laying.asked = prompt.id)}
    >Lay it where there is room</button
  >
  <div class="flex gap-1" role="group" aria-label="Colour of notes">
    {#each COLOURS as colour (colour)}
      <button
        class="grid size-11 place-items-center rounded-lg {laying.colour === colour
          ? 'outline-2 -outline-offset-2 outline-base-content'
          : ''}"
        aria-label={NAMES[colour]}
        title={NAMES[colour]}
        aria-pressed={laying.colour === colour}
        onclick={() => (laying.colour = colour)}
      >
        <span
          class="ink-colour size-6 rounded border-2"
          style:background={PAPERS[colour].paper}
          style:border-color={PAPERS[colour].rim}
        ></span>
      </button>
    {/each}
  </div>
  {#if full}<p class="quiet text-sm">There are as many notes as there may be.</p>{/if}
</div>
