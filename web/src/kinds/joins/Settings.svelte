<script lang="ts">
  import Folded from "../../ui/Folded.svelte";
  import RadioGroup from "../../ui/RadioGroup.svelte";
  import PointNames from "../PointNames.svelte";
  import type { SettingsProps } from "../teacher";
  import type { Dot } from "./lines";

  let { field, page, adding, onchange }: SettingsProps<"joins"> = $props();

  type Joins = typeof field;
  const set = (changed: Partial<Joins>) => onchange((field) => ({ ...field, ...changed }));
  const LEAST = 2;
  const ENDS = [
    [true, "One line a dot"],
    [false, "Any number"],
  ] as const;
  const SIDES = [
    ["start", "Left"],
    ["end", "Right"],
    ["", "Any"],
  ] as const;

  const setSide = (id: string, side: Dot["side"]) =>
    onchange((field) => ({
      ...field,
      dots: field.dots.map((dot) => (dot.id === id ? { ...dot, side } : dot)),
    }));
</script>

<div>
  <p class="field-label">Dots: {field.dots.length}</p>
  <p class="quiet text-sm">Drag each beside what is printed.</p>
  {#if adding}
    <button
      class="btn btn-sm mt-1 {adding.on ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={adding.on}
      onclick={adding.toggle}>Add by pressing</button
    >
  {/if}
</div>
<RadioGroup
  label="At a dot ends"
  options={ENDS}
  value={field.one_each}
  onchange={(one_each) => set({ one_each })}
/>
{#each [["part_marks", "Part marks: right lines less wrong ones"], ["curved", "Curved lines"], ["coloured", "Lines in several colours"]] as const as [name, label] (name)}
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="toggle toggle-secondary toggle-sm"
      checked={field[name]}
      onchange={(event) => set({ [name]: event.currentTarget.checked })}
    />
    {label}
  </label>
{/each}
<Folded title="Each dot" open={field.dots.some(({ name }) => name)}>
  <PointNames
    all={{ box: field.box, points: field.dots }}
    {page}
    what="dot"
    least={LEAST}
    onchange={(change, typing) =>
      onchange((field) => {
        const { box, points } = change({ box: field.box, points: field.dots });
        return { ...field, box, dots: [...points] };
      }, typing)}
  >
    {#snippet more(dot)}
      <select
        class="input input-sm w-20"
        aria-label="The side of {dot.name || 'this dot'}"
        value={dot.side}
        onchange={(event) => setSide(dot.id, event.currentTarget.value as Dot["side"])}
      >
        {#each SIDES as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    {/snippet}
  </PointNames>
</Folded>
