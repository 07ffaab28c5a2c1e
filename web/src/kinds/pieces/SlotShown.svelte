<script lang="ts">
  // A slot with what lies in it, only shown.
  import { dressedSlot, type Style } from "../look";
  import type { FieldOf, AnswerOf } from "../teacher";
  import { heldIn, pieceNamed, type Laid, type Slot } from "./board";
  import PieceFace from "./PieceFace.svelte";

  interface Props {
    field: Pick<FieldOf<"pieces">, "pieces">;
    slot: Slot;
    moves: AnswerOf<"pieces">["moves"];
    style: Style;
    scale: number;
  }
  let { field, slot, moves, style, scale }: Props = $props();

  const laid = $derived(moves.map(({ piece, laid }): [string, Laid] => [piece, laid]));
  const there = $derived(heldIn({ laid }, slot));
  const room = $derived(
    slot.loose ? undefined : { width: slot.box.width / Math.max(1, there.length), height: slot.box.height },
  );
</script>

<span class="slot {slot.shape}" class:bare={!slot.shown} {@attach dressedSlot(style)}>
  {#each there as [name, { x, y, turn, size }] (name)}
    {@const piece = pieceNamed(field.pieces, name)}
    {#if piece}
      <span
        class={slot.loose ? "absolute -translate-1/2" : "contents"}
        style:left={slot.loose ? `${x * 100}%` : undefined}
        style:top={slot.loose ? `${y * 100}%` : undefined}
      >
        <PieceFace {piece} {scale} {room} {turn} {size} />
      </span>
    {/if}
  {/each}
</span>
