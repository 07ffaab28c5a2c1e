<script lang="ts">
  // Strokes on a page. What is added is drawn on top; all is drawn anew only where something below has changed.
  import type { Box } from "../../canvas/box";
  import { drawStroke } from "./draw";
  import type { Named } from "./strokes";

  interface Props {
    box: Box;
    strokes: readonly Named[];
    scale: number;
    /** What it says to those who do not see it; empty: what is around it does. */
    label?: string;
  }
  let { box, strokes, scale, label = "" }: Props = $props();

  /** A canvas of more pixels is not drawn by every device; it is drawn coarser then. */
  const MOST_PIXELS = 16_000_000;

  let canvas: HTMLCanvasElement;
  let drawn: readonly Named[] = [];
  let drawnAt = 0;

  const pixels = $derived.by(() => {
    const wanted = scale * (globalThis.devicePixelRatio || 1);
    return Math.min(wanted, Math.sqrt(MOST_PIXELS / (box.width * box.height)));
  });

  $effect(() => {
    const context = canvas.getContext("2d");
    if (!context) return;
    const lying = { corner: { x: box.x, y: box.y }, scale: pixels };
    const grows =
      drawnAt === pixels &&
      drawn.every((before, i) => before.id === strokes[i]?.id && before.stroke === strokes[i].stroke);
    if (!grows) {
      canvas.width = Math.max(1, Math.round(box.width * pixels));
      canvas.height = Math.max(1, Math.round(box.height * pixels));
    }
    for (const { stroke } of grows ? strokes.slice(drawn.length) : strokes)
      drawStroke(context, stroke, lying);
    [drawn, drawnAt] = [strokes, pixels];
  });
</script>

<canvas
  bind:this={canvas}
  class="absolute inset-0 h-full w-full"
  {...label ? { role: "img", "aria-label": label } : { "aria-hidden": true }}
></canvas>
