<script lang="ts">
  // A piece that may be moved: dragged, or picked up by a press or a key and put down by the next.
  import { laidAt, type Board, type Piece, type Slot } from "./board";
  import { share } from "../../canvas/box";
  import { called, inHand } from "./in_hand.svelte";
  import { goAmongPlaces } from "./keys";
  import Dragged from "./Dragged.svelte";
  import PieceFace from "./PieceFace.svelte";

  interface Props {
    board: Board;
    name: string;
    piece: Piece;
    scale: number;
    room?: { width: number; height: number } | undefined;
    nameOf: (slot: Slot) => string;
    still: boolean;
    /** What is said of where it lies. */
    where: string;
    onfocus?: (() => void) | undefined;
  }
  let { board, name, piece, scale, room, nameOf, still, where, onfocus }: Props = $props();

  const held = {
    get name() {
      return name;
    },
    get piece() {
      return piece;
    },
    board: () => board,
    nameOf: (slot: Slot) => nameOf(slot),
  };
  // Boards are made anew with every move: what follows from them is told apart, so that most pieces have nothing to do.
  const set = $derived(board.set);
  const laid = $derived(laidAt(board, name));
  const isHeld = $derived(inHand.holdsOf(set)?.name === name);
  const loose = $derived(board.slots.find(({ id }) => id === laid.slot)?.loose ?? false);
  const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  };

  function onkeydown(event: KeyboardEvent) {
    if (still) return;
    if (isHeld) return goAmongPlaces(event, board.set);
    if ((event.key === "Delete" || event.key === "Backspace") && laid.slot) {
      event.preventDefault();
      inHand.putBack(held);
      return;
    }
    const arrow = ARROWS[event.key];
    if (!arrow || !loose) return;
    event.preventDefault();
    const by = event.shiftKey ? 0.1 : 0.02;
    board.change([[name, { ...laid, x: share(laid.x + arrow[0] * by), y: share(laid.y + arrow[1] * by) }]]);
  }
</script>

<button
  type="button"
  class="piece-button touch-none"
  class:held={isHeld}
  class:invisible={isHeld && inHand.dragged}
  data-set={set}
  data-piece={name}
  aria-label="{called(piece)}, {where}"
  aria-pressed={isHeld}
  disabled={still}
  {onkeydown}
  onpointerdown={(event) => inHand.follow(event, held)}
  onclick={(event) => {
    event.stopPropagation();
    inHand.press(held);
    onfocus?.();
  }}
>
  <PieceFace {piece} {scale} {room} turn={laid.turn} size={laid.size} />
</button>
{#if isHeld}<Dragged {piece} {scale} {room} />{/if}
