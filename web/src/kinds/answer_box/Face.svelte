<script lang="ts">
  import type { FaceProps } from "../teacher";
  import { textPoints } from "./text_size";

  let { field, fieldKey, scale }: FaceProps<"answer_box"> = $props();
</script>

<!-- In an attribute: the box around it says what it is. -->
<span
  class="block h-full overflow-hidden px-1.5 font-medium whitespace-pre before:content-[attr(data-text)]"
  class:whitespace-pre-wrap={field.lines === "several"}
  style:font-size="{textPoints(field.box.height, field.lines) * scale}px"
  style:line-height={field.lines === "one" ? `${field.box.height * scale}px` : "1.4"}
  data-text={fieldKey?.text ?? ""}
></span>
