<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import Folded from "../../ui/Folded.svelte";
  import CountInput from "../../ui/CountInput.svelte";
  import PickSettings from "../PickSettings.svelte";
  import { letter } from "../picked";
  import type { SettingsProps } from "../teacher";
  import { byKey } from "../../canvas/keys";
  import { inALine } from "./in_a_line";
  import { laidSpots, MOST, spotMoved, spotRemoved } from "./spots";

  let { field, page, adding, onchange }: SettingsProps<"tick_places"> = $props();

  const STEPS = { small: 1, large: 10 };
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

  /** Move a spot by arrow keys. */
  function onKey(event: KeyboardEvent, id: string) {
    const box = laidSpots(field).find(({ spot }) => spot.id === id)?.box;
    const to = box && !event.altKey && byKey(event, box, page, STEPS);
    if (!box || !to) return;
    event.preventDefault();
    event.stopPropagation();
    const by = { x: to.x - box.x, y: to.y - box.y };
    onchange((field) => spotMoved(field, id, by, page));
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
  <p class="quiet mt-1 text-sm">Drag each where it belongs, or lay them evenly:</p>
  <div class="mt-1 flex flex-wrap gap-1.5">
    <button class="btn btn-outline btn-xs" onclick={() => setCount(field.spots.length)}>Evenly</button>
    {#if adding}
      <button
        class="btn btn-xs {adding.on ? 'btn-primary' : 'btn-outline'}"
        aria-pressed={adding.on}
        onclick={adding.toggle}>Add by pressing</button
      >
    {/if}
  </div>
</div>
<PickSettings {field} onchange={set} />
<Folded title="Each place" open={field.spots.some(({ name }) => name)}>
  <p class="quiet text-sm">Names are said to those who listen. Arrow keys move a place from its letter.</p>
  {#each field.spots as spot, place (spot.id)}
    <div class="mt-2 flex items-center gap-1.5">
      <button
        class="btn btn-ghost btn-xs w-7"
        aria-label="Move place {letter(place)} with the arrow keys"
        onkeydown={(event) => onKey(event, spot.id)}>{letter(place)}</button
      >
      <input
        class="input input-sm w-full"
        aria-label="Name of place {letter(place)}"
        maxlength={LIMITS.option}
        value={spot.name}
        oninput={(event) => setName(spot.id, event.currentTarget.value.trim())}
      />
      <button
        class="btn btn-circle btn-ghost btn-xs"
        aria-label="Take place {letter(place)} off"
        disabled={field.spots.length === 1}
        onclick={() => onchange((field) => spotRemoved(field, spot.id))}>×</button
      >
    </div>
  {/each}
</Folded>
