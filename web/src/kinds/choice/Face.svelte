<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { letterPoints } from "./letter_size";
  import Letters from "./Letters.svelte";

  let { field, fieldKey, scale }: FaceProps<"choice"> = $props();
</script>

<Letters
  options={field.options}
  sign={field.sign}
  arrangement={field.arrangement}
  picked={fieldKey?.picked ?? []}
  size={letterPoints(field) * scale}
/>
