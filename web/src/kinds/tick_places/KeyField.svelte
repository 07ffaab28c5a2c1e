<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import Spots from "./Spots.svelte";

  let { field, fieldKey, label, onkey }: KeyFieldProps<"tick_places"> = $props();
</script>

<Spots
  group="key-{field.id}"
  spots={field.spots}
  several={field.several}
  sign={field.sign}
  picked={fieldKey?.picked ?? []}
  {label}
  onpick={(picked) => onkey(picked.length > 0 ? { kind: "tick_places", picked } : null)}
/>
