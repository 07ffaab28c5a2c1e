<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import { textPoints } from "./text_size";

  let { field, answer, style, scale }: ReviewProps<"answer_box"> = $props();
</script>

<span
  dir="auto"
  class="field-text block h-full overflow-auto font-semibold break-words"
  class:whitespace-pre={field.lines === "one"}
  class:whitespace-pre-wrap={field.lines === "several"}
  style:font-size="{textPoints({ text: answer?.text ?? '', box: field.box, lines: field.lines, style }) *
    scale}px"
  style:line-height={field.lines === "one" ? `${field.box.height * scale}px` : "1.4"}
  >{answer?.text ?? ""}</span
>
