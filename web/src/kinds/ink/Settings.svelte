<script lang="ts">
  import MarkedByYou from "../MarkedByYou.svelte";
  import type { SettingsProps } from "../teacher";
  import WholePage from "../WholePage.svelte";

  let { field, page, onchange }: SettingsProps<"ink"> = $props();
</script>

<MarkedByYou points={field.points} onpoints={(points) => onchange((field) => ({ ...field, points }))} />
<p class="quiet -mt-2 text-sm">Working-out beside an answer need not be marked.</p>
<WholePage
  label="Over the whole page"
  whole={field.whole_page}
  {page}
  onwhole={(changed) => onchange((field) => ({ ...field, ...changed }))}
/>
