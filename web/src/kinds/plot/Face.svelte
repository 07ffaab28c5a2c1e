<script lang="ts">
  // The steps as they are reckoned from the known places, so that the teacher sees whether they fit what is printed.
  import type { FaceProps } from "../teacher";
  import { keySet } from "./key";
  import Marks from "./Marks.svelte";
  import { placeOf, stepsOf } from "./scale";
  import { number } from "./words";

  let { field, fieldKey, scale }: FaceProps<"plot"> = $props();

  const tick = $derived(5 / scale);
  const steps = $derived([
    ...stepsOf(field).map((across) => placeOf(field, { across, up: field.up?.first.value ?? null })),
    ...(field.up
      ? stepsOf(field, "up").map((up) => placeOf(field, { across: field.across.first.value, up }))
      : []),
  ]);
  const known = $derived([field.across.first, field.across.last, ...(field.up ? [field.up.last] : [])]);
</script>

<svg
  class="pointer-events-none absolute inset-0 h-full w-full overflow-visible"
  viewBox="0 0 {field.box.width} {field.box.height}"
  preserveAspectRatio="none"
  stroke="var(--film)"
  aria-hidden="true"
>
  <path
    stroke-width={1.5 / scale}
    stroke-opacity="0.7"
    d={steps
      .map(
        ({ x, y }) =>
          `M${x - tick} ${y - tick}l${2 * tick} ${2 * tick}m0 ${-2 * tick}l${-2 * tick} ${2 * tick}`,
      )
      .join("")}
  />
</svg>
{#each known as { x, y, value } (`${x} ${y}`)}
  <span
    class="pointer-events-none absolute -translate-x-1/2 -translate-y-[170%] text-xs font-bold text-(--film-ink) before:content-[attr(data-text)]"
    style:left="{x * 100}%"
    style:top="{y * 100}%"
    data-text={number(value)}
  ></span>
{/each}
<Marks asked={field} set={keySet(fieldKey)} {scale} />
