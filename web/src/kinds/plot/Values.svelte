<script lang="ts">
  // What is set, value by value: typed, taken away, one more.
  import CountInput from "../../ui/CountInput.svelte";
  import { addedSomewhere, isFull, movedTo, without, type Asked, type Handle, type Plotted } from "./plotted";
  import { rangeOf } from "./scale";

  interface Props {
    asked: Asked;
    set: Plotted;
    /** Whether values are shown and may be typed. */
    readOut: boolean;
    onset: (set: Plotted) => void;
  }
  let { asked, set, readOut, onset }: Props = $props();

  const across = $derived(rangeOf(asked));
  const up = $derived(rangeOf(asked, "up"));
  const look = "input h-10 w-20 tabular-nums";

  const move = (handle: Handle, to: { across: number; up: number | null } | undefined) =>
    onset(movedTo(asked, set, handle, to)[0]);

  function add() {
    const one = addedSomewhere(asked, set);
    if (one) onset(one[0]);
  }

  const ENDS = [
    ["closed", "included"],
    ["open", "left out"],
    ["none", "runs on"],
  ] as const;

  function setEnd(i: number, end: "low" | "high", sort: (typeof ENDS)[number][0]) {
    const at = set.intervals[i]?.[end] ?? across[end];
    const changed = { [end]: sort === "none" ? null : at, [`${end}_belongs`]: sort !== "open" };
    onset({
      ...set,
      intervals: set.intervals.map((interval, j) => (j === i ? { ...interval, ...changed } : interval)),
    });
  }
</script>

{#snippet end(i: number, end: "low" | "high", name: string)}
  {@const interval = set.intervals[i]}
  {@const at = interval?.[end]}
  <span class="flex gap-1">
    {#if at != null && readOut}
      <CountInput
        label="{name} of interval {i + 1}"
        class={look}
        value={at}
        min={across.low}
        max={across.high}
        step="any"
        onvalue={(value) => move({ i, end }, { across: value, up: null })}
      />
    {/if}
    <select
      class="input h-10 w-28"
      aria-label="{name} of interval {i + 1}: included or not"
      value={at == null ? "none" : interval?.[`${end}_belongs`] ? "closed" : "open"}
      onchange={(event) => setEnd(i, end, event.currentTarget.value as "closed" | "open" | "none")}
    >
      {#each ENDS as [sort, words] (sort)}<option value={sort}>{words}</option>{/each}
    </select>
  </span>
{/snippet}

<div class="flex max-h-40 flex-wrap items-center gap-x-4 gap-y-2 overflow-y-auto p-0.5">
  {#each set.placed as point, i (i)}
    {@const name = point.letter || String(i + 1)}
    <div class="flex items-center gap-1" role="group" aria-label="Point {name}">
      <b class="min-w-4 text-center">{name}</b>
      {#if readOut}
        <CountInput
          label={asked.up ? `Point ${name}, across` : `Point ${name}`}
          class={look}
          value={point.across}
          min={across.low}
          max={across.high}
          step="any"
          onvalue={(value) => move({ i }, { across: value, up: point.up ?? null })}
        />
        {#if asked.up}
          <CountInput
            label="Point {name}, up"
            class={look}
            value={point.up ?? 0}
            min={up.low}
            max={up.high}
            step="any"
            onvalue={(value) => move({ i }, { across: point.across, up: value })}
          />
        {/if}
      {/if}
      {@render takeAway({ i }, `point ${name}`)}
    </div>
  {/each}
  {#each set.intervals.keys() as i (i)}
    <div class="flex flex-wrap items-center gap-1" role="group" aria-label="Interval {i + 1}">
      {@render end(i, "low", "Lower end")}
      {@render end(i, "high", "Upper end")}
      {@render takeAway({ i, end: "low" }, `interval ${i + 1}`)}
    </div>
  {/each}
  {#if !isFull(asked, set)}
    <button type="button" class="btn btn-outline btn-sm h-10" onclick={add}
      >{asked.asked === "intervals" ? "Set an interval" : "Set a point"}</button
    >
  {/if}
</div>

{#snippet takeAway(handle: Handle, name: string)}
  <button
    type="button"
    class="btn btn-circle btn-ghost btn-sm"
    aria-label="Take {name} away"
    onclick={() => onset(without(set, handle))}>×</button
  >
{/snippet}
