<script lang="ts">
  import ImagePlus from "@lucide/svelte/icons/image-plus";
  import { TRUE_SIZE } from "../../canvas/zoom";
  import LIMITS from "../../generated/limits.json";
  import Folded from "../../ui/Folded.svelte";
  import RadioGroup from "../../ui/RadioGroup.svelte";
  import PartSettings from "../PartSettings.svelte";
  import { withSettled } from "../settled";
  import type { SettingsProps } from "../teacher";
  import type { Piece, Slot } from "./board";
  import { fromLines, LEAST_SIDE, pieceOf, toLines } from "./lines";
  import PieceSettings from "./PieceSettings.svelte";
  import { slotName } from "./slot_name";
  import { overlapAdded, pageAdded, slotChanged, slotRemoved } from "./slots";
  import { called } from "./in_hand.svelte";

  let { field, page, adding, onchange, choosePicture }: SettingsProps<"pieces"> = $props();

  type Pieces = typeof field;
  const set = (changed: Partial<Pieces>) => onchange((field) => ({ ...field, ...changed }));
  const setSlot = (id: string, changed: Partial<Slot>, typing = false) =>
    onchange((field) => slotChanged(field, id, changed), typing);

  const TRAYS = [
    ["page", "On the page"],
    ["beside", "Beside it"],
  ] as const;
  const QUESTIONS = [
    [false, "Each slot"],
    [true, "All together"],
  ] as const;
  const COUNTED = [
    ["each", "Each piece counts"],
    ["all", "All or nothing"],
    ["pairs", "Pairs in the right order"],
  ] as const;
  const ROOM = [
    [1, "One piece"],
    [2, "Up to 2"],
    [3, "Up to 3"],
    [4, "Up to 4"],
    [5, "Up to 5"],
    [null, "Any number"],
  ] as const;

  const MOST = 100;

  const SWITCHES = [
    ["loose", "Pieces lie where they are put"],
    ["where_counts", "Where in it they lie counts"],
    ["shown", "Its rim is seen"],
    ["counts", "Shows how many it holds"],
  ] as const;
  const switchesOf = (slot: Slot) => SWITCHES.filter(([name]) => name !== "where_counts" || slot.loose);

  /** Pieces as they are typed; a list without any is not taken. */
  function type(lines: string) {
    onchange((field) => {
      const pieces = fromLines(lines, field.pieces);
      return pieces.length > 0 ? { ...field, pieces: pieces.slice(0, MOST) } : field;
    }, true);
  }
  const setPiece = (id: string, changed: Partial<Piece>) =>
    onchange((field) => ({
      ...field,
      pieces: field.pieces.map((piece) => (piece.id === id ? { ...piece, ...changed } : piece)),
    }));

  function addPicture() {
    choosePicture(({ picture, alternative, width, height, asPrinted }) => {
      // One that was cut out of a page is as large as it is printed there.
      const points = (pixels: number) => Math.max(LEAST_SIDE, pixels / TRUE_SIZE);
      const size = asPrinted ? { width: points(width), height: points(height) } : {};
      const words = alternative.slice(0, 200) || "picture";
      const piece = { ...pieceOf(words), picture, look: "bare" as const, ...size };
      onchange((field) => ({ ...field, pieces: [...field.pieces, piece] }));
    });
  }

  /** The slots that another one overlaps. */
  const overlapping = (slot: Slot) =>
    field.slots.filter(
      (other) => other !== slot && overlapAdded(field, slot, other) !== field && !other.overlap,
    );
</script>

<div>
  <label class="field-label" for="pieces">Pieces, one a line</label>
  <textarea
    id="pieces"
    class="textarea w-full"
    rows={Math.min(8, Math.max(3, field.pieces.length + 1))}
    value={toLines(field.pieces)}
    oninput={(event) => type(event.currentTarget.value)}></textarea>
  <p class="quiet mt-1 text-sm">“can ×5” is a stack of five, “can ×∞” one without end.</p>
  <button class="btn btn-outline btn-sm mt-1" onclick={addPicture}>
    <ImagePlus size={16} aria-hidden="true" />Add a picture
  </button>
</div>
{#if adding}
  <div>
    <p class="field-label">Slots: {field.slots.length}</p>
    <button
      class="btn btn-sm {adding.on ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={adding.on}
      onclick={adding.toggle}>Add by pressing</button
    >
    {#if field.slots.length === 0}
      <button class="btn btn-outline btn-sm" onclick={() => onchange((field) => pageAdded(field, page))}
        >Anywhere on the page</button
      >
    {/if}
    <p class="quiet mt-1 text-sm">
      Press a blank on the page: the slot takes its size. Draw a frame: a slot in each blank in it.
    </p>
  </div>
{/if}
<RadioGroup label="Pieces wait" options={TRAYS} value={field.tray} onchange={(tray) => set({ tray })} />
<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={field.shuffled}
    onchange={(event) => set({ shuffled: event.currentTarget.checked })}
  />
  Shuffled for each student
</label>
<RadioGroup
  label="A question is"
  options={QUESTIONS}
  value={field.together}
  onchange={(together) => set({ together })}
/>
<Folded title="How it is marked">
  {#if field.together}
    <select
      class="input w-full"
      aria-label="How all together are marked"
      value={field.counted}
      onchange={(event) => set({ counted: event.currentTarget.value as Pieces["counted"] })}
    >
      {#each COUNTED as [value, label] (value)}<option {value}>{label}</option>{/each}
    </select>
  {/if}
  {#each [["part_marks", "Part marks for some of several"], ["wrong_counts", "Pieces in wrong slots count against"], ["order_counts", "The order in a slot counts"]] as const as [name, label] (name)}
    <label class="mt-2 flex items-center gap-2 text-sm">
      <input
        type="checkbox"
        class="toggle toggle-secondary toggle-sm"
        checked={field[name]}
        onchange={(event) => set({ [name]: event.currentTarget.checked })}
      />
      {label}
    </label>
  {/each}
</Folded>
<Folded title="Each slot">
  {#each field.slots as slot (slot.id)}
    {@const name = slotName(field.slots, slot)}
    <fieldset class="mt-3 border-t border-(--hairline) pt-2">
      <legend class="sr-only">{name}</legend>
      <div class="flex gap-1.5">
        <input
          class="input input-sm min-w-0 flex-1"
          aria-label="What is printed at {name}"
          placeholder={name}
          maxlength={LIMITS.option}
          value={slot.name}
          oninput={(event) => setSlot(slot.id, { name: event.currentTarget.value.trim() }, true)}
        />
        <button
          class="btn btn-circle btn-ghost btn-sm"
          aria-label="Take {name} off"
          onclick={() => onchange((field) => slotRemoved(field, slot.id))}>×</button
        >
      </div>
      {#if !field.together}
        <PartSettings
          {name}
          settled={field.settled[slot.id]}
          onchange={(settled) => onchange((field) => withSettled(field, slot.id, settled), true)}
        />
      {/if}
      <div class="mt-1 flex flex-wrap gap-1.5">
        <select
          class="input input-sm flex-1"
          aria-label="How many pieces {name} holds"
          value={String(slot.most)}
          onchange={(event) =>
            setSlot(slot.id, {
              most: event.currentTarget.value === "null" ? null : Number(event.currentTarget.value),
            })}
        >
          {#each ROOM as [value, label] (value)}<option value={String(value)}>{label}</option>{/each}
        </select>
        <select
          class="input input-sm flex-1"
          aria-label="The shape of {name}"
          value={slot.shape}
          onchange={(event) => setSlot(slot.id, { shape: event.currentTarget.value as Slot["shape"] })}
        >
          <option value="box">Box</option>
          <option value="ellipse">Ellipse</option>
        </select>
      </div>
      {#each switchesOf(slot) as [setting, label] (setting)}
        <label class="mt-1 flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={slot[setting]}
            onchange={(event) => setSlot(slot.id, { [setting]: event.currentTarget.checked })}
          />
          {label}
        </label>
      {/each}
      {#each overlapping(slot) as other (other.id)}
        <button
          class="btn btn-outline btn-xs mt-1"
          onclick={() => onchange((field) => overlapAdded(field, slot, other))}
          >A slot where it overlaps {slotName(field.slots, other)}</button
        >
      {/each}
    </fieldset>
  {/each}
</Folded>
<Folded title="Each piece">
  {#each field.pieces as piece (piece.id)}
    <PieceSettings {piece} label={called(piece)} onchange={(changed) => setPiece(piece.id, changed)} />
  {/each}
</Folded>
