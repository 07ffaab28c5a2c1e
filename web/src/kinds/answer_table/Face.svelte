<script lang="ts">
  import type { FaceProps } from "../teacher";
  import Shown from "./Shown.svelte";
  import { cellSize } from "./size";

  let { field, fieldKey, numbers, style, scale }: FaceProps<"answer_table"> = $props();

  const texts = $derived(new Map((fieldKey?.right ?? []).map(({ part, text }) => [part, text])));
</script>

<Shown grid={field} size={cellSize(field, style, scale)} {texts} {numbers} />
