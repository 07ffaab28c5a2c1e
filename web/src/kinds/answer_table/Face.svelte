<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { rightTexts } from "../written_parts";
  import Shown from "./Shown.svelte";
  import { cellSize } from "./size";

  let { field, fieldKey, numbers, style, scale }: FaceProps<"answer_table"> = $props();

  const texts = $derived(rightTexts(fieldKey));
</script>

<Shown grid={field} size={cellSize(field, style, scale)} {texts} {numbers} />
