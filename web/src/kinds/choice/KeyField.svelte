<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import { letterPoints } from "./letter_size";
  import Options from "./Options.svelte";

  let { field, fieldKey, scale, label, onkey }: KeyFieldProps<"choice"> = $props();
</script>

<Options
  group="key-{field.id}"
  options={field.options}
  several={field.several}
  sign={field.sign}
  arrangement={field.arrangement}
  picked={fieldKey?.picked ?? []}
  size={letterPoints(field) * scale}
  {label}
  onpick={(picked) => onkey(picked.length > 0 ? { kind: "choice", picked } : null)}
/>
