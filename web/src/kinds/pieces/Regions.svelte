<script lang="ts">
  // Where in a loose slot its pieces are right, drawn by the teacher on the key sheet; students are told nothing of it.
  import { resized, moved, type Box, type Handle } from "../../canvas/box";
  import { drag } from "../../canvas/drag";
  import Handles from "../../canvas/Handles.svelte";
  import { byKey } from "../../canvas/keys";
  import { Viewport } from "../../canvas/viewport";
  import type { FieldOf, KeyOf } from "../teacher";
  import type { Slot } from "./board";
  import { called } from "./in_hand.svelte";
  import { withRegion, type Belongs, type Region } from "./key_board";

  interface Props {
    field: FieldOf<"pieces">;
    fieldKey: KeyOf<"pieces">;
    /** Which of its arrangements. */
    index: number;
    slot: Slot;
    scale: number;
    onkey: (key: KeyOf<"pieces">) => void;
  }
  let { field, fieldKey, index, slot, scale, onkey }: Props = $props();

  const STEPS = { small: 1, large: 10 };
  let area: HTMLElement;
  /** The piece whose region is in hand, and where it is while it is moved. */
  let current = $state("");
  let carried = $state.raw<Box>();

  const regions = $derived(
    (fieldKey.arrangements[index] ?? []).flatMap((belongs) => {
      const piece = field.pieces.find(({ id }) => id === belongs.pieces[0]);
      const here = belongs.slot === slot.id && belongs.region && piece;
      return here
        ? [{ belongs, region: belongs.region as Region, piece, box: inSlot(belongs.region as Region) }]
        : [];
    }),
  );

  /** In points of the slot. */
  function inSlot({ x, y, width, height }: Region): Box {
    const { box } = slot;
    return { x: x * box.width, y: y * box.height, width: width * box.width, height: height * box.height };
  }

  function put(belongs: Belongs, { shape }: Region, { x, y, width, height }: Box) {
    const { box } = slot;
    const share = {
      x: x / box.width,
      y: y / box.height,
      width: width / box.width,
      height: height / box.height,
    };
    onkey(withRegion(fieldKey, index, belongs, { ...share, shape }));
  }

  function follow(
    event: PointerEvent,
    { belongs, region, piece, box }: (typeof regions)[number],
    handle?: Handle,
  ) {
    if (event.button !== 0) return;
    event.stopPropagation();
    current = piece.id;
    const view = new Viewport(() => area, slot.box, scale);
    drag(event, view, {
      move: (_, by) => (carried = handle ? resized(box, handle, by, slot.box) : moved(box, by, slot.box)),
      end: (dragged) => {
        if (dragged && carried) put(belongs, region, carried);
        carried = undefined;
      },
      cancel: () => (carried = undefined),
    });
  }

  function onkeydown(event: KeyboardEvent, { belongs, region, box }: (typeof regions)[number]) {
    const to = byKey(event, box, slot.box, STEPS);
    if (!to) return;
    event.preventDefault();
    event.stopPropagation();
    put(belongs, region, to);
  }
</script>

<div bind:this={area} class="pointer-events-none absolute inset-0">
  {#each regions as one (one.piece.id)}
    {@const inHand = current === one.piece.id}
    {@const box = inHand && carried ? carried : one.box}
    <div
      class="absolute"
      style:left="{box.x * scale}px"
      style:top="{box.y * scale}px"
      style:width="{box.width * scale}px"
      style:height="{box.height * scale}px"
    >
      <span
        class="absolute inset-0 border-2 border-dashed border-(--film) {one.region.shape === 'ellipse'
          ? 'rounded-[50%]'
          : ''}"
      ></span>
      <button
        type="button"
        class="pointer-events-auto absolute top-full mt-5 start-1/2 -translate-x-1/2 cursor-move touch-none rounded-sm border border-(--film) bg-(--sheet) px-1.5 text-xs whitespace-nowrap text-(--film-ink) rtl:translate-x-1/2"
        aria-label="Where {called(one.piece)} is right: arrow keys move it, with Alt they change its size"
        onpointerdown={(event) => follow(event, one)}
        onkeydown={(event) => onkeydown(event, one)}
        onfocus={() => (current = one.piece.id)}>{called(one.piece)}</button
      >
      {#if inHand}
        <div class="pointer-events-auto contents">
          <Handles {box} {scale} onhandle={(event, handle) => follow(event, one, handle)} />
        </div>
      {/if}
    </div>
  {/each}
</div>
