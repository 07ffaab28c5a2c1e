<script lang="ts">
  // Notes that are laid by pressing the page, written on, dragged by their edge, and taken away.
  import { tick } from "svelte";
  import { drag } from "../../canvas/drag";
  import { stepOf } from "../../canvas/keys";
  import type { Point } from "../../canvas/box";
  import { Viewport } from "../../canvas/viewport";
  import { announce } from "../../ui/Announcer.svelte";
  import { newId } from "../../worksheet/ids";
  import type { AnsweringProps } from "../student";
  import { sheetStore } from "../sheet_store";
  import { PAPERS } from "./colours";
  import { layingOf } from "./laying.svelte";
  import { freePlace, laidAt, MOST, NOTHING, type Named, type Note } from "./notes";
  import NotesShown from "./NotesShown.svelte";

  let {
    prompt,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    onentry,
    onfocus,
  }: AnsweringProps<"free_note"> = $props();

  const STEPS = { small: 4, large: 24 };

  const store = sheetStore();
  const laying = layingOf(store);
  let place = $state<HTMLElement>();
  /** A note that was laid and has no words yet: it is nobody's answer. */
  let begun = $state.raw<Named>();
  /** Where one lies while it is dragged. */
  let dragged = $state.raw<Named>();

  const notes = $derived(
    [
      ...(answer?.notes ?? []),
      ...(begun && !answer?.notes.some(({ id }) => id === begun?.id) ? [begun] : []),
    ].map((each) => (dragged?.id === each.id ? dragged : each)),
  );
  const full = $derived((answer?.notes.length ?? 0) >= MOST);
  const taken = $derived(laying.on === prompt.id && !readonly && !full);
  const view = $derived(
    new Viewport(() => place as HTMLElement, { width: prompt.box.width, height: prompt.box.height }, scale),
  );

  async function lay(at: Point) {
    const note = laidAt({ ...NOTHING, colour: laying.colour }, at, prompt.box);
    begun = { id: newId(), note };
    laying.on = undefined;
    onfocus();
    await tick();
    place?.querySelector<HTMLElement>(`[data-note="${begun.id}"] textarea`)?.focus();
  }

  // Asked for with the keyboard, or from beside the pages, a note is laid where there is room.
  $effect(() => {
    if (docked || laying.asked !== prompt.id) return;
    laying.asked = undefined;
    void lay(freePlace(answer?.notes ?? [], prompt.box));
  });

  function onpointerdown(event: PointerEvent) {
    if (!taken || event.button !== 0) return;
    event.preventDefault();
    const at = view.toPage({ x: event.clientX, y: event.clientY });
    void lay({ x: prompt.box.x + at.x, y: prompt.box.y + at.y });
  }

  const write = (id: string, note: Note, text: string) => {
    if (begun?.id === id) begun = { id, note: { ...note, text } };
    onentry(id, { ...note, text });
  };

  function move(id: string, note: Note, to: Point) {
    const now = laidAt(note, to, prompt.box);
    if (begun?.id === id) begun = { id, note: now };
    if (now.text.trim()) onentry(id, now);
  }

  function press(event: PointerEvent, id: string, note: Note) {
    if (readonly || event.button !== 0) return;
    event.stopPropagation();
    onfocus();
    let now = note;
    drag(event, view, {
      move: (_, by) => {
        now = laidAt(note, { x: note.x + by.x, y: note.y + by.y }, prompt.box);
        dragged = { id, note: now };
      },
      end: (moved) => {
        dragged = undefined;
        if (moved) move(id, note, now);
      },
      cancel: () => (dragged = undefined),
    });
  }

  function onkeydown(event: KeyboardEvent, id: string, note: Note) {
    const by = event.altKey ? undefined : stepOf(event, STEPS);
    if (by) move(id, note, { x: note.x + by.x, y: note.y + by.y });
    else if (event.key === "Delete" || event.key === "Backspace") takeAway(id, note);
    else return;
    event.preventDefault();
  }

  function takeAway(id: string, note: Note) {
    if (begun?.id === id) begun = undefined;
    if (note.text) onentry(id, NOTHING);
    announce("The note is taken away.");
    place?.focus();
  }

  /** A note that was laid and left without a word was not meant. */
  function leave(id: string, note: Note) {
    if (begun?.id === id && !note.text.trim()) begun = undefined;
  }
</script>

{#if docked}
  <p>Press the page above where the note is to lie, or have it laid where there is room.</p>
{:else}
  <div
    bind:this={place}
    class="note-area {prompt.whole_page ? '' : 'rimmed'} {taken
      ? 'cursor-crosshair'
      : 'pointer-events-none!'}"
    role="group"
    tabindex="-1"
    aria-label={label}
    {onpointerdown}
  >
    {#if readonly}
      <NotesShown box={prompt.box} {notes} {scale} />
    {:else}
      {#each notes as { id, note }, i (id)}
        {@const { paper, rim } = PAPERS[note.colour]}
        <div
          class="free-note pointer-events-auto"
          data-note={id}
          role="group"
          aria-label="Note {i + 1}"
          style:left="{(note.x - prompt.box.x) * scale}px"
          style:top="{(note.y - prompt.box.y) * scale}px"
          style:width="{Math.max(110, note.width * scale)}px"
          style:font-size="max(1rem, {11 * scale}px)"
          style:background={paper}
          style:border-color={rim}
        >
          <div class="flex items-center justify-between">
            <button
              class="note-grip"
              aria-label="Move note {i + 1} with the arrow keys"
              onpointerdown={(event) => press(event, id, note)}
              onkeydown={(event) => onkeydown(event, id, note)}><span aria-hidden="true">⠿</span></button
            >
            <button
              class="note-grip cursor-pointer!"
              aria-label="Take note {i + 1} away"
              onclick={() => takeAway(id, note)}><span aria-hidden="true">×</span></button
            >
          </div>
          <textarea
            class="block field-sizing-content w-full resize-none bg-transparent px-1 pb-1 leading-snug outline-none"
            rows="2"
            dir="auto"
            maxlength="2000"
            aria-label="Words of note {i + 1}"
            value={note.text}
            onfocus={() => onfocus()}
            oninput={(event) => write(id, note, event.currentTarget.value)}
            onblur={() => leave(id, note)}
            onpointerdown={(event) => event.stopPropagation()}></textarea>
        </div>
      {/each}
    {/if}
  </div>
{/if}
