<script lang="ts">
  // The piece that is dragged, above everything.
  import { inHand } from "./in_hand.svelte";
  import PieceFace from "./PieceFace.svelte";
  import type { Piece } from "./board";

  interface Props {
    piece: Piece;
    scale: number;
    room?: { width: number; height: number } | undefined;
  }
  let { piece, scale, room }: Props = $props();
</script>

{#if inHand.dragged}
  <span
    popover="manual"
    class="dragged-piece"
    {@attach (element: HTMLElement) => element.showPopover()}
    style:left="{inHand.dragged.x}px"
    style:top="{inHand.dragged.y}px"
    aria-hidden="true"
  >
    <PieceFace {piece} {scale} {room} />
  </span>
{/if}
