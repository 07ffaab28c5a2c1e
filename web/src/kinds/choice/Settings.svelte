<script lang="ts">
  import PickSettings from "../PickSettings.svelte";
  import { letter } from "../picked";
  import type { SettingsProps } from "../teacher";

  let { field, onchange }: SettingsProps<"choice"> = $props();

  const LEAST = 2;
  const MOST = 26;
  const ARRANGEMENTS = [
    ["row", "In a row"],
    ["column", "In a column"],
    ["list", "In a list"],
  ] as const;

  const set = (changed: Partial<typeof field>) => onchange({ ...field, ...changed });

  function setCount(count: number) {
    if (!(count >= LEAST && count <= MOST)) return;
    set({ options: Array.from({ length: count }, (_, place) => field.options[place] ?? "") });
  }
</script>

<div class="flex flex-wrap items-end gap-2">
  <div>
    <label class="field-label" for="options">Options</label>
    <input
      id="options"
      class="input w-20 tabular-nums"
      type="number"
      min={LEAST}
      max={MOST}
      value={field.options.length}
      onchange={(event) => setCount(event.currentTarget.valueAsNumber)}
    />
  </div>
  <button class="btn btn-outline btn-sm" onclick={() => set({ options: ["true", "false"] })}
    >True / false</button
  >
  <button class="btn btn-outline btn-sm" onclick={() => set({ options: ["yes", "no"] })}>Yes / no</button>
</div>
<div>
  <label class="field-label" for="arrangement">They stand</label>
  <select
    id="arrangement"
    class="input w-full"
    value={field.arrangement}
    onchange={(event) => set({ arrangement: event.currentTarget.value as typeof field.arrangement })}
  >
    {#each ARRANGEMENTS as [value, label] (value)}<option {value}>{label}</option>{/each}
  </select>
</div>
<PickSettings several={field.several} partMarks={field.part_marks} onchange={set} />
<details open={field.options.some(Boolean)}>
  <summary class="cursor-pointer text-sm font-semibold">Words of the options</summary>
  <p class="quiet text-sm">Only where the page does not print them.</p>
  {#each field.options as text, place (place)}
    <label class="mt-2 flex items-center gap-2">
      <b class="w-5 text-center">{letter(place)}</b>
      <input
        class="input input-sm w-full"
        maxlength="300"
        value={text}
        onchange={(event) =>
          set({
            options: field.options.map((old, i) => (i === place ? event.currentTarget.value.trim() : old)),
          })}
      />
    </label>
  {/each}
</details>
