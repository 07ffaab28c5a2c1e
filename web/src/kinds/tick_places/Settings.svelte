<script lang="ts">
  import PickSettings from "../PickSettings.svelte";
  import { letter } from "../picked";
  import type { SettingsProps } from "../teacher";
  import { inALine } from "./in_a_line";

  let { field, onchange }: SettingsProps<"tick_places"> = $props();

  const MOST = 26;
  const set = (changed: Partial<typeof field>) => onchange({ ...field, ...changed });

  function setCount(count: number) {
    if (!(count >= 1 && count <= MOST)) return;
    const names = field.spots.map((spot) => spot.name);
    set({ spots: inALine(field.box, count).map((spot, place) => ({ ...spot, name: names[place] ?? "" })) });
  }
</script>

<div>
  <label class="field-label" for="spots">Places to tick</label>
  <input
    id="spots"
    class="input w-20 tabular-nums"
    type="number"
    min="1"
    max={MOST}
    value={field.spots.length}
    onchange={(event) => setCount(event.currentTarget.valueAsNumber)}
  />
  <p class="quiet mt-1 text-sm">
    Evenly along the box: make it reach from the first printed option to the last.
  </p>
</div>
<PickSettings several={field.several} partMarks={field.part_marks} onchange={set} />
<details open={field.spots.some(({ name }) => name)}>
  <summary class="cursor-pointer text-sm font-semibold">Names of the places</summary>
  <p class="quiet text-sm">Said to those who listen.</p>
  {#each field.spots as spot, place (place)}
    <label class="mt-2 flex items-center gap-2">
      <b class="w-5 text-center">{letter(place)}</b>
      <input
        class="input input-sm w-full"
        maxlength="300"
        value={spot.name}
        onchange={(event) =>
          set({
            spots: field.spots.map((old, i) =>
              i === place ? { ...old, name: event.currentTarget.value.trim() } : old,
            ),
          })}
      />
    </label>
  {/each}
</details>
