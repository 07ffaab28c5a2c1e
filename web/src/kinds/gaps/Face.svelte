<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { bankLeft } from "./fills";
  import Shown from "./Shown.svelte";
  import { passagePoints } from "./size";

  let { field, fieldKey, numbers, style, scale }: FaceProps<"gaps"> = $props();

  const texts = $derived(new Map((fieldKey?.right ?? []).map(({ part, text }) => [part, text])));
</script>

<Shown
  passage={field.passage}
  size="{passagePoints(field, style) * scale}px"
  {texts}
  {numbers}
  bank={field.gaps.some(({ fill }) => fill === "bank")
    ? bankLeft(field, new Map()).map(([word]) => word)
    : []}
  drawn
/>
