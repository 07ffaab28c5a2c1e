<script lang="ts">
  // What is set on a scale, drawn over it. Intervals lie above their line, as they do on paper.
  import type { Point } from "../../canvas/box";
  import { acrossBox, ends, placeOf } from "./scale";
  import { handlesOf, valueOf, type Asked, type Handle, type Plotted } from "./plotted";

  interface Props {
    asked: Asked;
    set: Plotted;
    /** The first end of an interval whose other is not set yet. */
    begun?: Point | undefined;
    scale: number;
  }
  let { asked, set, begun, scale }: Props = $props();

  const { width, height } = $derived(asked.box);
  /** Points of the page: small on paper, and never too small for the eye. */
  const radius = $derived(Math.max(3.2, 4 / scale));
  const stroke = $derived(radius * 0.55);

  const placeOfHandle = (handle: Handle): Point => {
    const value = valueOf(set, handle);
    return value ? placeOf(asked, value) : ends(asked)[handle.end ?? "high"];
  };
  const line = $derived.by(() => {
    const [one, other] = asked.asked === "line" ? set.placed : [];
    if (!one || !other) return undefined;
    const at = (point: typeof one) => placeOf(asked, { across: point.across, up: point.up ?? null });
    return acrossBox(asked.box, at(one), at(other));
  });
  /** An arrow's two strokes at its end. */
  const arrow = (from: Point, to: Point) => {
    const turn = Math.atan2(to.y - from.y, to.x - from.x);
    const tip = (by: number) =>
      `M${to.x} ${to.y}l${-Math.cos(turn + by) * radius * 1.8} ${-Math.sin(turn + by) * radius * 1.8}`;
    return tip(0.5) + tip(-0.5);
  };
</script>

<svg
  class="pointer-events-none absolute inset-0 h-full w-full overflow-visible text-(--field-ink,var(--film-ink))"
  viewBox="0 0 {width} {height}"
  preserveAspectRatio="none"
  fill="currentColor"
  stroke="currentColor"
  stroke-width={stroke}
  aria-hidden="true"
>
  {#if line}<path d="M{line[0].x} {line[0].y}L{line[1].x} {line[1].y}" />{/if}
  {#each set.intervals as interval, i (i)}
    {@const low = placeOfHandle({ i, end: "low" })}
    {@const high = placeOfHandle({ i, end: "high" })}
    <g>
      <path d="M{low.x} {low.y}L{high.x} {high.y}" stroke-width={stroke * 1.8} stroke-opacity="0.8" />
      {#if interval.low == null}<path d={arrow(high, low)} />{/if}
      {#if interval.high == null}<path d={arrow(low, high)} />{/if}
    </g>
  {/each}
  {#each handlesOf(set) as handle (`${handle.i}${handle.end}`)}
    {@const at = placeOfHandle(handle)}
    {#if valueOf(set, handle)}
      {@const hollow = handle.end && !set.intervals[handle.i]?.[`${handle.end}_belongs`]}
      <circle
        cx={at.x}
        cy={at.y}
        r={radius}
        fill={hollow ? "var(--sheet, #fff)" : "currentColor"}
        data-end={hollow ? "open" : "closed"}
      />
      {#if set.placed[handle.i]?.letter && !handle.end}
        <text
          x={at.x + radius * 1.4}
          y={at.y - radius * 1.4}
          font-size={radius * 3}
          font-weight="700"
          stroke="none">{set.placed[handle.i]?.letter}</text
        >
      {/if}
    {/if}
  {/each}
  {#if begun}<circle
      cx={begun.x}
      cy={begun.y}
      r={radius}
      fill="var(--sheet, #fff)"
      stroke-dasharray="2 1.5"
    />{/if}
</svg>
