<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import CountInput from "../../ui/CountInput.svelte";
  import PickSettings from "../PickSettings.svelte";
  import { letter } from "../picked";
  import type { SettingsProps } from "../teacher";
  import { inALine } from "./in_a_line";

  let { field, onchange }: SettingsProps<"tick_places"> = $props();

  const MOST = 26;
  type Ticks = typeof field;
  const set = (changed: Partial<Ticks>) => onchange((field) => ({ ...field, ...changed }));

  /** Spots that were there keep their id, so that a key goes on naming them. */
  function setCount(count: number) {
    if (!(count >= 1 && count <= MOST)) return;
    onchange((field) => ({
      ...field,
      spots: inALine(field.box, count).map((spot, place) => {
        const { id, name } = field.spots[place] ?? spot;
        return { ...spot, id, name };
      }),
    }));
  }

  function setName(id: string, name: string) {
    const change = (spot: Ticks["spots"][number]) => (spot.id === id ? { ...spot, name } : spot);
    onchange((field) => ({ ...field, spots: field.spots.map(change) }), true);
  }
</script>

<div>
  <label class="field-label" for="spots">Places to tick</label>
  <CountInput
    id="spots"
    class="input w-20 tabular-nums"
    min={1}
    max={MOST}
    value={field.spots.length}
    onvalue={setCount}
  />
  <p class="quiet mt-1 text-sm">
    Evenly along the box: make it reach from the first printed option to the last.
  </p>
</div>
<PickSettings several={field.several} partMarks={field.part_marks} onchange={set} />
<details open={field.spots.some(({ name }) => name)}>
  <summary class="cursor-pointer text-sm font-semibold">Names of the places</summary>
  <p class="quiet text-sm">Said to those who listen.</p>
  {#each field.spots as spot, place (spot.id)}
    <label class="mt-2 flex items-center gap-2">
      <b class="w-5 text-center">{letter(place)}</b>
      <input
        class="input input-sm w-full"
        maxlength={LIMITS.option}
        value={spot.name}
        oninput={(event) => setName(spot.id, event.currentTarget.value.trim())}
      />
    </label>
  {/each}
</details>
