<script lang="ts">
  // The handles around what is in hand, with which it is made larger or smaller.
  import { HANDLES, type Box, type Handle } from "./box";

  interface Props {
    box: Box;
    scale: number;
    onhandle: (event: PointerEvent, handle: Handle) => void;
  }
  let { box, scale, onhandle }: Props = $props();

  /** They stand a little outside, so that the middle of a small box is free to be moved by. */
  const OUT = "7px";
  const SIDES: Record<string, string> = {
    w: `-${OUT}`,
    e: `calc(100% + ${OUT})`,
    n: `-${OUT}`,
    s: `calc(100% + ${OUT})`,
  };
  const across = (handle: Handle) => SIDES[handle.match(/[we]/)?.[0] ?? ""] ?? "50%";
  const down = (handle: Handle) => SIDES[handle.match(/[ns]/)?.[0] ?? ""] ?? "50%";
  /** Handles in the middle of a side only where there is room between the corners. */
  const shown = (handle: Handle) =>
    handle.length === 2 || ("ns".includes(handle) ? box.width : box.height) * scale > 56;
</script>

{#each HANDLES.filter(shown) as handle (handle)}
  <span
    class="absolute grid size-6 -translate-1/2 touch-none place-items-center"
    style:left={across(handle)}
    style:top={down(handle)}
    style:cursor="{handle}-resize"
    data-handle={handle}
    onpointerdown={(event) => onhandle(event, handle)}
    role="presentation"
  >
    <span class="size-2.5 rounded-full border-2 border-(--light-edge) bg-white"></span>
  </span>
{/each}
