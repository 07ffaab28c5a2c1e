<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { textPoints } from "./text_size";

  let { field, fieldKey, style, scale }: FaceProps<"answer_box"> = $props();

  const text = $derived(fieldKey?.text ?? field.placeholder ?? "");
</script>

<!-- Without a key, what students see in it: the hint, pale. In an attribute: the box around it says what it is. -->
<span
  class="field-text block h-full overflow-hidden font-medium whitespace-pre before:content-[attr(data-text)]"
  class:opacity-60={!fieldKey}
  class:whitespace-pre-wrap={field.lines === "several"}
  style:font-size="{textPoints({ text, box: field.box, lines: field.lines, style }) * scale}px"
  style:line-height={field.lines === "one" ? `${field.box.height * scale}px` : "1.4"}
  data-text={text}
></span>
