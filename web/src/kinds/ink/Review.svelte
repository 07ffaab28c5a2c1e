<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import InkCanvas from "./InkCanvas.svelte";

  let { field, answer, scale }: ReviewProps<"ink"> = $props();
</script>

<span class="ink-area {field.whole_page ? '' : 'rimmed'}"></span>
<InkCanvas box={field.box} strokes={answer?.strokes ?? []} {scale} />
