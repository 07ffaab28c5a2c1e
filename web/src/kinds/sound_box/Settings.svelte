<script lang="ts">
  import MarkedByYou from "../MarkedByYou.svelte";
  import type { SettingsProps } from "../teacher";
  import { clock } from "../../sound/sound";

  let { field, onchange }: SettingsProps<"sound_box"> = $props();

  const LENGTHS = [15, 30, 60, 120, 180, 300, 600, 1_200];
</script>

<MarkedByYou points={field.points} onpoints={(points) => onchange((field) => ({ ...field, points }))} />
<label class="block">
  <span class="field-label">A recording is at most</span>
  <select
    class="input w-full"
    value={String(field.most_seconds)}
    onchange={(event) => {
      const most_seconds = Number(event.currentTarget.value);
      onchange((field) => ({ ...field, most_seconds }));
    }}
  >
    {#each [...new Set([...LENGTHS, field.most_seconds])].sort((a, b) => a - b) as seconds (seconds)}
      <option value={String(seconds)}>{clock(seconds)} minutes</option>
    {/each}
  </select>
</label>
