<script lang="ts">
  // Strokes on a page. What is added is drawn on top; all is drawn anew only where something below has changed.
  import type { Box } from "../../canvas/box";
  import { drawStroke, pixelsOn, sized } from "./draw";
  import type { Named } from "./strokes";

  interface Props {
    box: Box;
    strokes: readonly Named[];
    scale: number;
  }
  let { box, strokes, scale }: Props = $props();

  let canvas: HTMLCanvasElement;
  let drawn: readonly Named[] = [];
  let drawnAt = 0;

  const pixels = $derived(pixelsOn(box, scale));

  $effect(() => {
    const context = canvas.getContext("2d");
    if (!context) return;
    const lying = { corner: { x: box.x, y: box.y }, scale: pixels };
    const grows =
      drawnAt === pixels &&
      drawn.every((before, i) => before.id === strokes[i]?.id && before.stroke === strokes[i].stroke);
    if (!grows) sized(canvas, box, pixels);
    for (const { stroke } of grows ? strokes.slice(drawn.length) : strokes)
      drawStroke(context, stroke, lying);
    [drawn, drawnAt] = [strokes, pixels];
  });
</script>

<!-- What is around it says what is on it. -->
<canvas bind:this={canvas} class="absolute inset-0 h-full w-full" aria-hidden="true"></canvas>
