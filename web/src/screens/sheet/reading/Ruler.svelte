<script lang="ts">
  // A band over the pages that leaves a line or two clear. It follows the mouse and what is in hand; its handle is dragged with a
  // finger and moved by the arrow keys.
  import { onMount } from "svelte";
  import { clamp } from "../../../canvas/box";

  /** The pages that it lies over. */
  let { over }: { over: HTMLElement } = $props();

  /** CSS pixels that are left clear, and that an arrow key goes. */
  const CLEAR = 76;
  const STEP = 24;

  let ruler: HTMLElement;
  let height = $state(0);
  let middle = $state(160);
  const top = $derived(clamp(middle - CLEAR / 2, 0, Math.max(0, height - CLEAR)));

  const to = (inWindow: number) => (middle = inWindow - ruler.getBoundingClientRect().top);

  onMount(() => {
    const onMove = (event: PointerEvent) => event.pointerType === "mouse" && to(event.clientY);
    const onFocus = (event: FocusEvent) => {
      const { top, height } = (event.target as HTMLElement).getBoundingClientRect();
      to(top + Math.min(height, CLEAR) / 2);
    };
    over.addEventListener("pointermove", onMove);
    over.addEventListener("focusin", onFocus);
    return () => {
      over.removeEventListener("pointermove", onMove);
      over.removeEventListener("focusin", onFocus);
    };
  });

  function drag(press: PointerEvent) {
    const handle = press.currentTarget as HTMLElement;
    handle.setPointerCapture(press.pointerId);
    const onMove = (event: PointerEvent) => to(event.clientY);
    handle.addEventListener("pointermove", onMove);
    handle.addEventListener("lostpointercapture", () => handle.removeEventListener("pointermove", onMove), {
      once: true,
    });
  }

  function onkeydown(event: KeyboardEvent) {
    const by = { ArrowUp: -STEP, ArrowDown: STEP, PageUp: -4 * STEP, PageDown: 4 * STEP }[event.key];
    if (!by) return;
    event.preventDefault();
    middle = clamp(top + CLEAR / 2 + by, CLEAR / 2, height - CLEAR / 2);
  }
</script>

<div
  bind:this={ruler}
  bind:clientHeight={height}
  class="pointer-events-none absolute inset-0 z-5 overflow-hidden"
  data-testid="ruler"
>
  <div class="absolute inset-x-0 top-0 bg-[#16324a]/35" style:height="{top}px"></div>
  <div class="absolute inset-x-0 bottom-0 bg-[#16324a]/35" style:top="{top + CLEAR}px"></div>
  <span
    class="pointer-events-auto absolute end-1 grid size-11 cursor-ns-resize touch-none place-items-center rounded-lg border-2 border-accent bg-base-100 font-bold shadow-md"
    style:top="{top + (CLEAR - 44) / 2}px"
    role="slider"
    tabindex="0"
    aria-label="Reading ruler"
    aria-orientation="vertical"
    aria-valuemin={0}
    aria-valuemax={100}
    aria-valuenow={Math.round((100 * top) / Math.max(1, height - CLEAR))}
    onpointerdown={drag}
    {onkeydown}><span aria-hidden="true">↕</span></span
  >
</div>
