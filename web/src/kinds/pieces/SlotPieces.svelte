<script lang="ts">
  // A slot with what lies in it; while a piece is in hand, it is pressed to put it there.
  import type { Attachment } from "svelte/attachments";
  import { dressedSlot, type Style } from "../look";
  import { heldIn, kept, pieceNamed, type Board, type Laid, type Slot } from "./board";
  import { called, inHand } from "./in_hand.svelte";
  import { goAmongPlaces } from "./keys";
  import PieceButton from "./PieceButton.svelte";

  interface Props {
    board: Board;
    slot: Slot;
    scale: number;
    style: Style;
    nameOf: (slot: Slot) => string;
    still: boolean;
    onfocus?: (() => void) | undefined;
  }
  let { board, slot, scale, style, nameOf, still, onfocus }: Props = $props();

  let shown: readonly [name: string, laid: Laid][] = [];
  const there = $derived.by(
    () => (shown = kept(shown, heldIn(board, slot), (a, b) => a[0] === b[0] && a[1] === b[1])),
  );
  const set = $derived(board.set);
  const held = $derived(inHand.holdsOf(set));
  const rows = $derived(slot.most === 1 ? 1 : Math.max(1, Math.round(slot.box.height / 26)));
  /** Points of room for each piece: as many stand side by side as there are. */
  const room = $derived.by(() => {
    const { width, height } = slot.box;
    if (slot.loose) return undefined;
    const across = Math.max(1, Math.ceil(there.length / rows));
    return { width: width / across, height: height / Math.max(1, Math.min(rows, there.length)) };
  });

  /** A press on the slot takes its question in hand: the tray may stand beside that one alone. */
  const taken: Attachment = (element) => {
    const take = () => onfocus?.();
    element.addEventListener("pointerdown", take);
    return () => element.removeEventListener("pointerdown", take);
  };
</script>

<div
  class="slot {slot.shape}"
  class:over={inHand.over === slot.id}
  class:bare={!slot.shown}
  class:pointer-events-none={slot.loose && !slot.shown}
  data-set={set}
  data-slot={slot.id}
  {@attach taken}
  {@attach dressedSlot(style)}
  role="group"
  aria-label={nameOf(slot)}
>
  {#each there as [name, laid] (name)}
    {@const piece = pieceNamed(board.pieces, name)}
    {#if piece}
      <span
        class={slot.loose ? "absolute -translate-1/2" : "contents"}
        style:left={slot.loose ? `${laid.x * 100}%` : undefined}
        style:top={slot.loose ? `${laid.y * 100}%` : undefined}
      >
        <PieceButton
          {board}
          {name}
          {piece}
          {scale}
          {room}
          {nameOf}
          {still}
          where="in {nameOf(slot)}"
          {onfocus}
        />
      </span>
    {/if}
  {/each}
  {#if slot.counts && there.length > 0}<span class="count">{there.length}</span>{/if}
  {#if held && !inHand.dragged && !still}
    <button
      type="button"
      class="put-place"
      data-put={set}
      aria-label="Put {called(held.piece)} into {nameOf(slot)}{there.length === 0
        ? ''
        : `, which holds ${there.length}`}"
      onkeydown={(event) => goAmongPlaces(event, board.set)}
      onclick={(event) => {
        event.stopPropagation();
        const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
        const pointed = event.detail > 0; // a key has no place
        inHand.putInto(
          slot,
          pointed ? { at: { x: (event.clientX - left) / width, y: (event.clientY - top) / height } } : {},
        );
        onfocus?.();
      }}
    ></button>
  {/if}
</div>
