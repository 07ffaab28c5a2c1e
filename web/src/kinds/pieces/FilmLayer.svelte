<script lang="ts">
  // The slots of sets of pieces on a page, while they are laid: dragged, made larger, taken away.
  import { tick } from "svelte";
  import { areaOf, carriedBy, resized, moved, type Box, type Handle, type Point } from "../../canvas/box";
  import { drag } from "../../canvas/drag";
  import SizeHandles from "../../canvas/Handles.svelte";
  import { byKey } from "../../canvas/keys";
  import DrawnBox from "../../canvas/DrawnBox.svelte";
  import { copiesOf, nextTo, repeated } from "../../canvas/repeat";
  import RepeatHandle from "../../canvas/RepeatHandle.svelte";
  import { dressedSlot } from "../look";
  import type { FieldOf, FilmLayerProps } from "../teacher";
  import type { Slot } from "./board";
  import { slotName } from "./slot_name";
  import { slotChanged, slotRemoved, slotRepeated } from "./slots";

  let {
    page,
    scale,
    view,
    fields,
    style,
    printed,
    selected,
    numberAt,
    onpick,
    onfield,
  }: FilmLayerProps<"pieces"> = $props();

  const STEPS = { small: 1, large: 10 };
  /** The slot in hand, and where it is while it is moved. */
  let current = $state("");
  let carried = $state.raw<{ id: string; box: Box }>();

  /** Where it would be laid again. */
  let copies = $state.raw<Box[]>([]);

  /** The slots on this page. One that is all of it is nowhere to be taken hold of. */
  const slotsOn = (field: FieldOf<"pieces">) =>
    field.slots.filter((slot) => slot.page === page.id && areaOf(slot.box) < 0.9 * areaOf(page));
  /** How many larger ones it lies above: of two that overlap, the smaller is pressed. */
  const level = (field: FieldOf<"pieces">, slot: Slot) =>
    field.slots.filter((other) => other.page === page.id && areaOf(other.box) > areaOf(slot.box)).length;

  const boxOf = (slot: Slot) => (carried?.id === slot.id ? carried.box : slot.box);

  function follow(event: PointerEvent, field: FieldOf<"pieces">, slot: Slot, handle?: Handle) {
    if (event.button !== 0) return;
    event.stopPropagation();
    onpick(field.id);
    current = slot.id;
    if (field.locked) return;
    drag(event, view, {
      move: (_, by) => {
        const box = handle ? resized(slot.box, handle, by, page) : moved(slot.box, by, page);
        carried = { id: slot.id, box };
      },
      end: (dragged) => {
        const box = carried?.box;
        carried = undefined;
        if (dragged && box)
          onfield(handle ? "Size changed" : "Slot moved", slotChanged(field, slot.id, { box }));
      },
      cancel: () => (carried = undefined),
    });
  }

  function repeat(event: PointerEvent, field: FieldOf<"pieces">, slot: Slot) {
    event.stopPropagation();
    let offsets: Point[] = [];
    drag(event, view, {
      move: (_, by) => {
        ({ offsets } = repeated([slot.box], by, printed(), page));
        copies = copiesOf([slot.box], offsets);
      },
      end: (dragged) => {
        copies = [];
        if (dragged && offsets.length > 0) onfield("Slots laid", slotRepeated(field, slot, offsets, page));
      },
      cancel: () => (copies = []),
    });
  }

  /** The slot once more, below or beside it; the focus goes on to it. */
  function layAgain(field: FieldOf<"pieces">, slot: Slot, axis: "x" | "y") {
    const { offset } = nextTo([slot.box], axis, printed(), page);
    const now = slotRepeated(field, slot, [offset], page);
    const made = now.slots.at(-1);
    if (now.slots.length === field.slots.length || !made) return;
    onfield("Slot laid again", now);
    void tick().then(() => document.querySelector<HTMLElement>(`[data-slot="${made.id}"]`)?.focus());
  }

  function onkeydown(event: KeyboardEvent, field: FieldOf<"pieces">, slot: Slot) {
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      event.stopPropagation();
      onfield("Slot removed", slotRemoved(field, slot.id));
      return;
    }
    if (event.key.toLowerCase() === "r" && !event.ctrlKey && !event.metaKey && !field.locked) {
      event.preventDefault();
      event.stopPropagation();
      layAgain(field, slot, event.shiftKey ? "x" : "y");
      return;
    }
    const to = field.locked || event.altKey ? undefined : byKey(event, slot.box, page, STEPS);
    if (!to) return;
    event.preventDefault();
    event.stopPropagation();
    onfield("Slot moved", slotChanged(field, slot.id, { box: to }));
  }
</script>

{#each fields as field (field.id)}
  {@const inHand = selected.includes(field.id)}
  {#each slotsOn(field) as slot (slot.id)}
    {@const box = boxOf(slot)}
    <div
      class="pointer-events-auto absolute {inHand ? 'touch-none' : ''} {field.locked ? '' : 'cursor-move'}"
      style:left="{slot.box.x * scale}px"
      style:top="{slot.box.y * scale}px"
      style:translate={carriedBy(slot.box, box, scale)}
      style:width="{box.width * scale}px"
      style:height="{box.height * scale}px"
      style:z-index={inHand && current === slot.id ? field.slots.length : level(field, slot)}
      role="button"
      tabindex={inHand ? 0 : -1}
      aria-label="Slot {slotName(field.slots, slot, numberAt(field, slot.id))}"
      data-slot={slot.id}
      onpointerdown={(event) => follow(event, field, slot)}
      onkeydown={(event) => onkeydown(event, field, slot)}
      onfocus={() => (current = slot.id)}
    >
      <span
        {@attach dressedSlot(field.style ?? style)}
        class="slot {slot.shape}"
        class:over={inHand && current === slot.id}
        style:opacity={slot.shown ? undefined : 0.6}
        style:border-style={slot.shown ? undefined : "dotted"}
        style:border-color={slot.shown ? undefined : "var(--film)"}
      ></span>
      {#if inHand && current === slot.id && !field.locked}
        <SizeHandles {box} {scale} onhandle={(event, handle) => follow(event, field, slot, handle)} />
      {/if}
    </div>
    {#if inHand && current === slot.id && !field.locked && !carried}
      <div class="pointer-events-auto contents">
        <RepeatHandle
          around={slot.box}
          {page}
          {scale}
          onpointerdown={(event) => repeat(event, field, slot)}
        />
      </div>
    {/if}
  {/each}
{/each}
{#each copies as box, i (i)}<DrawnBox {box} {scale} />{/each}
