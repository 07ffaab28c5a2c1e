<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import { textsOf } from "../written_parts";
  import Shown from "./Shown.svelte";
  import { passagePoints } from "./size";

  let { field, answer, style, scale, parts, onpick }: ReviewProps<"gaps"> = $props();

  const numbers = $derived(Object.fromEntries(parts.map(({ id, number }) => [id, number])));
</script>

<Shown
  passage={field.passage}
  size="{passagePoints(field, style) * scale}px"
  texts={textsOf(answer)}
  {numbers}
  {parts}
  {onpick}
/>
