<script lang="ts">
  import { handPoints } from "../answer_box/text_size";
  import Paragraphs from "../../rich_text/Paragraphs.svelte";
  import type { ReviewProps } from "../teacher";

  let { answer, style, scale }: ReviewProps<"long_text"> = $props();
</script>

<span
  dir="auto"
  class="laid-text block h-full overflow-auto px-1.5 text-start break-words"
  style:font-size="{handPoints(style) * scale}px"><Paragraphs paragraphs={answer?.paragraphs ?? []} /></span
>
