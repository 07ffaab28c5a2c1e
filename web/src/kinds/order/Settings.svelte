<script lang="ts">
  import Folded from "../../ui/Folded.svelte";
  import RadioGroup from "../../ui/RadioGroup.svelte";
  import PointNames from "../PointNames.svelte";
  import type { SettingsProps } from "../teacher";

  let { field, page, adding, onchange }: SettingsProps<"order"> = $props();

  const LEAST = 2;
  const COUNTED = [
    ["pairs", "Pairs in order"],
    ["all", "All or nothing"],
  ] as const;
</script>

<div>
  <p class="field-label">Places to number: {field.steps.length}</p>
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
  label="Marked by"
  options={COUNTED}
  value={field.counted}
  onchange={(counted) => onchange((field) => ({ ...field, counted }))}
/>
<Folded title="Each place" open={field.steps.some(({ name }) => name)}>
  <PointNames
    all={{ box: field.box, points: field.steps }}
    {page}
    what="place"
    least={LEAST}
    onchange={(change, typing) =>
      onchange((field) => {
        const { box, points } = change({ box: field.box, points: field.steps });
        return { ...field, box, steps: [...points] };
      }, typing)}
  />
</Folded>
