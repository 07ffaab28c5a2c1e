<script lang="ts">
  // Where pieces wait.
  import { kept, waiting, type Board, type Slot, type Waiting } from "./board";
  import { inHand } from "./in_hand.svelte";
  import PieceButton from "./PieceButton.svelte";
  import PieceFace from "./PieceFace.svelte";

  interface Props {
    board: Board;
    scale: number;
    nameOf: (slot: Slot) => string;
    still: boolean;
    label: string;
    /** Points of room that a piece has. */
    room?: { width: number; height: number } | undefined;
    onfocus?: (() => void) | undefined;
  }
  let { board, scale, nameOf, still, label, room, onfocus }: Props = $props();

  let shown: readonly Waiting[] = [];
  const there = $derived.by(
    () =>
      (shown = kept(
        shown,
        waiting(board),
        (a, b) => a.name === b.name && a.piece === b.piece && a.left === b.left,
      )),
  );
  const held = $derived(inHand.holdsOf(board.set));
  const isLaid = $derived(held && board.laid.some(([name, { slot }]) => name === held.name && slot));
</script>

<div class="relative h-full w-full overflow-auto" role="group" aria-label={label} data-tray={board.set}>
  <ul class="flex min-h-full flex-wrap content-center items-center justify-center gap-1.5 p-1">
    {#each there as { name, piece, left } (piece.id)}
      <li class="relative">
        {#if piece.copies !== 1}<span class="stacked" aria-hidden="true"
            ><PieceFace {piece} {scale} {room} /></span
          >{/if}
        <PieceButton
          {board}
          {name}
          {piece}
          {scale}
          {room}
          {nameOf}
          {still}
          where={left === null ? "as many as you need" : left > 1 ? `${left} left` : "waiting"}
          {onfocus}
        />
        {#if left !== null && left > 1}<span class="count" aria-hidden="true">×{left}</span>{/if}
      </li>
    {:else}
      <li class="quiet text-sm">All pieces are laid.</li>
    {/each}
  </ul>
  {#if held && isLaid && !inHand.dragged}
    <button class="put-place" data-put={board.set} onclick={() => inHand.putBack(held)}>Put back</button>
  {/if}
</div>
