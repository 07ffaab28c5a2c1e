<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import Board from "./Board.svelte";
  import { keyOf, keySet } from "./key";

  let { field, fieldKey, scale, label, onkey }: KeyFieldProps<"plot"> = $props();
</script>

<Board
  asked={field}
  set={keySet(fieldKey)}
  {scale}
  {label}
  readOut
  onset={(set) => onkey(keyOf(set, fieldKey))}
/>
