<script lang="ts">
  // The known places of a field that is in hand, each to be dragged to where its value is printed.
  import { drag } from "../../canvas/drag";
  import type { HandlesProps } from "../teacher";
  import { knownOf, withPlace } from "./known";

  let { field, view, onshow, onfield }: HandlesProps<"plot"> = $props();

  function press(event: PointerEvent, name: "first" | "across" | "up") {
    if (event.button !== 0 || event.shiftKey || event.ctrlKey) return;
    event.stopPropagation();
    const before = field;
    let now = before;
    const { box } = before;
    drag(event, view, {
      move: (at) => {
        now = withPlace(before, name, { x: (at.x - box.x) / box.width, y: (at.y - box.y) / box.height });
        onshow(now);
      },
      end: (dragged) => {
        onshow(undefined);
        if (dragged) onfield(now);
      },
      cancel: () => onshow(undefined),
    });
  }
</script>

{#each knownOf(field) as { name, x, y } (name)}
  <span
    class="absolute size-6 -translate-1/2 cursor-move touch-none rounded-full border-2 border-(--film) bg-(--film)/15"
    style:left="{x * 100}%"
    style:top="{y * 100}%"
    data-known={name}
    role="presentation"
    onpointerdown={(event) => press(event, name)}
  ></span>
{/each}
