<script lang="ts">
  import MarkedByYou from "../MarkedByYou.svelte";
  import type { SettingsProps } from "../teacher";
  import WholePage from "../WholePage.svelte";

  let { field, page, onchange }: SettingsProps<"free_note"> = $props();
</script>

<MarkedByYou points={field.points} onpoints={(points) => onchange((field) => ({ ...field, points }))} />
<WholePage
  label="Anywhere on the page"
  whole={field.whole_page}
  {page}
  onwhole={(changed) => onchange((field) => ({ ...field, ...changed }))}
/>
