<script lang="ts">
  // The edges between rows and columns, each to be dragged; the slip moves them with the arrow keys.
  import { drag } from "../../canvas/drag";
  import type { HandlesProps } from "../teacher";
  import type { Point } from "../../canvas/box";
  import { moved, type Side } from "./edges";

  let { field, view, onshow, onfield }: HandlesProps<"answer_table"> = $props();

  function press(event: PointerEvent, side: Side, index: number) {
    if (event.button !== 0) return;
    event.stopPropagation();
    const before = field;
    const by = (way: Point) => moved(before, side, index, side === "columns" ? way.x : way.y);
    let now = field;
    drag(event, view, {
      move: (_, way) => onshow((now = by(way))),
      end: (dragged) => {
        onshow(undefined);
        if (dragged) onfield(now);
      },
      cancel: () => onshow(undefined),
    });
  }
</script>

{#each ["columns", "rows"] as const as side (side)}
  {#each field[side] as edge, i (i)}
    <span
      class="table-edge {side}"
      style:left={side === "columns" ? `${edge * 100}%` : undefined}
      style:top={side === "rows" ? `${edge * 100}%` : undefined}
      role="presentation"
      onpointerdown={(event) => press(event, side, i)}
    ></span>
  {/each}
{/each}
