<script lang="ts">
  import { textsOf } from "../written_parts";
  import type { ReviewProps } from "../teacher";
  import Shown from "./Shown.svelte";
  import { cellSize } from "./size";

  let { field, answer, style, scale, parts, onpick }: ReviewProps<"answer_table"> = $props();
</script>

<Shown
  grid={field}
  size={cellSize(field, style, scale)}
  texts={textsOf(answer)}
  numbers={{}}
  {parts}
  {onpick}
/>
