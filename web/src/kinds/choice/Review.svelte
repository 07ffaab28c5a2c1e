<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import { letterPoints } from "./letter_size";
  import Letters from "./Letters.svelte";

  let { field, answer, scale }: ReviewProps<"choice"> = $props();
</script>

<Letters
  options={field.options}
  sign={field.sign}
  arrangement={field.arrangement}
  picked={answer?.picked ?? []}
  size={letterPoints(field) * scale}
/>
