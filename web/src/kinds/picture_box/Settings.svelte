<script lang="ts">
  import MarkedByYou from "../MarkedByYou.svelte";
  import type { SettingsProps } from "../teacher";

  let { field, onchange }: SettingsProps<"picture_box"> = $props();
</script>

<MarkedByYou points={field.points} onpoints={(points) => onchange((field) => ({ ...field, points }))} />
<p class="quiet -mt-2 text-sm">Students add a photo or a picture, say what is on it, and can label it.</p>
