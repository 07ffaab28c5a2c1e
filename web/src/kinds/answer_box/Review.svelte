<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import { textPoints } from "./text_size";

  let { field, answer, scale }: ReviewProps<"answer_box"> = $props();
</script>

<span
  dir="auto"
  class="block h-full overflow-auto px-1.5 text-start font-semibold break-words text-(--sheet-ink)"
  class:whitespace-pre={field.lines === "one"}
  class:whitespace-pre-wrap={field.lines === "several"}
  style:font-size="{textPoints(field.box.height, field.lines) * scale}px"
  style:line-height={field.lines === "one" ? `${field.box.height * scale}px` : "1.4"}
  >{answer?.text ?? ""}</span
>
