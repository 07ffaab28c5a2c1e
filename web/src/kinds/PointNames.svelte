<script lang="ts" generics="P extends InBox">
  // The points of a field, one by one: named, moved by arrow keys, taken off.
  import LIMITS from "../generated/limits.json";
  import { stepOf } from "../canvas/keys";
  import type { Size } from "../canvas/box";
  import type { Snippet } from "svelte";
  import { pointMoved, pointRemoved, type InBox, type Points } from "./points";

  interface Props {
    all: Points<P>;
    page: Size;
    /** What one of them is called: "dot". */
    what: string;
    least: number;
    onchange: (change: (all: Points<P>) => Points<P>, typing?: boolean) => void;
    /** What else is settled of each. */
    more?: Snippet<[P]>;
  }
  let { all, page, what, least, onchange, more }: Props = $props();

  const STEPS = { small: 1, large: 10 };

  function onKey(event: KeyboardEvent, id: string) {
    const by = event.altKey ? undefined : stepOf(event, STEPS);
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    onchange((all) => pointMoved(all, id, by, page));
  }

  const setName = (id: string, name: string) =>
    onchange(
      (all) => ({
        ...all,
        points: all.points.map((point) => (point.id === id ? { ...point, name } : point)),
      }),
      true,
    );
</script>

<p class="quiet text-sm">Names are said to those who listen. Arrow keys move one from its number.</p>
{#each all.points as point, i (point.id)}
  <div class="mt-2 flex items-center gap-1.5">
    <button
      class="btn btn-ghost btn-xs w-8 tabular-nums"
      aria-label="Move {what} {i + 1} with the arrow keys"
      onkeydown={(event) => onKey(event, point.id)}>{i + 1}</button
    >
    <input
      class="input input-sm min-w-0 flex-1"
      aria-label="Name of {what} {i + 1}"
      maxlength={LIMITS.option}
      value={point.name}
      oninput={(event) => setName(point.id, event.currentTarget.value.trim())}
    />
    {@render more?.(point)}
    <button
      class="btn btn-circle btn-ghost btn-xs"
      aria-label="Take {what} {i + 1} off"
      disabled={all.points.length <= least}
      onclick={() => onchange((all) => pointRemoved(all, point.id, page))}>×</button
    >
  </div>
{/each}
