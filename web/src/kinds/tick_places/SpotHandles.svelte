<script lang="ts">
  // The spots of a field that is in hand, each to be dragged by itself.
  import { drag } from "../../canvas/drag";
  import type { HandlesProps } from "../teacher";
  import { letter } from "../picked";
  import { spotMoved } from "./spots";

  let { field, view, onshow, onfield }: HandlesProps<"tick_places"> = $props();

  function press(event: PointerEvent, id: string) {
    if (event.button !== 0 || event.shiftKey || event.ctrlKey || field.spots.length === 1) return;
    event.stopPropagation();
    const before = field;
    let now = before;
    drag(event, view, {
      move: (_, by) => onshow((now = spotMoved(before, id, by, view.page))),
      end: (dragged) => {
        onshow(undefined);
        if (dragged) onfield(now);
      },
      cancel: () => onshow(undefined),
    });
  }
</script>

{#each field.spots as spot, place (spot.id)}
  <span
    class="absolute grid cursor-move touch-none place-items-center text-[0.65rem] font-bold text-(--film-ink) before:content-[attr(data-text)]"
    style:left="{spot.x * 100}%"
    style:top="{spot.y * 100}%"
    style:width="{spot.width * 100}%"
    style:height="{spot.height * 100}%"
    data-spot={place}
    data-text={letter(place)}
    role="presentation"
    onpointerdown={(event) => press(event, spot.id)}
  ></span>
{/each}
