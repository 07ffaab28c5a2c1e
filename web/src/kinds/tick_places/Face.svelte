<script lang="ts">
  import type { FaceProps } from "../teacher";
  import Ticks from "./Ticks.svelte";

  let { field, fieldKey }: FaceProps<"tick_places"> = $props();
</script>

<Ticks spots={field.spots} sign={field.sign} picked={fieldKey?.picked ?? []} />
