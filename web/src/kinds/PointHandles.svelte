<script lang="ts" generics="P extends InBox">
  // The points of a field that is in hand, each to be dragged by itself.
  import { drag } from "../canvas/drag";
  import type { Viewport } from "../canvas/viewport";
  import { pointMoved, type InBox, type Points } from "./points";

  interface Props {
    all: Points<P>;
    view: Viewport;
    onshow: (all: Points<P> | undefined) => void;
    onmoved: (all: Points<P>) => void;
  }
  let { all, view, onshow, onmoved }: Props = $props();

  function press(event: PointerEvent, id: string) {
    if (event.button !== 0 || event.shiftKey || event.ctrlKey) return;
    event.stopPropagation();
    const before = all;
    let now = before;
    drag(event, view, {
      move: (_, by) => onshow((now = pointMoved(before, id, by, view.page))),
      end: (dragged) => {
        onshow(undefined);
        if (dragged) onmoved(now);
      },
      cancel: () => onshow(undefined),
    });
  }
</script>

{#each all.points as point (point.id)}
  <span
    class="absolute size-6 -translate-1/2 cursor-move touch-none rounded-full"
    style:left="{point.x * 100}%"
    style:top="{point.y * 100}%"
    data-point={point.id}
    role="presentation"
    onpointerdown={(event) => press(event, point.id)}
  ></span>
{/each}
