<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { rightTexts } from "../written_parts";
  import { bankLeft } from "./fills";
  import Shown from "./Shown.svelte";
  import { passagePoints } from "./size";

  let { field, fieldKey, numbers, style, scale }: FaceProps<"gaps"> = $props();

  const texts = $derived(rightTexts(fieldKey));
</script>

<Shown
  passage={field.passage}
  size="{passagePoints(field, style) * scale}px"
  {texts}
  {numbers}
  bank={bankLeft(field, new Map()).map(([word]) => word)}
  drawn
/>
