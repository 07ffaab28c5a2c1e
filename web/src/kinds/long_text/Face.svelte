<script lang="ts">
  // Lines to write on, and what is asked for.
  import { handPoints } from "../answer_box/text_size";
  import type { FaceProps } from "../teacher";
  import { askedFor } from "./words";

  let { field, style, scale }: FaceProps<"long_text"> = $props();
</script>

<span
  class="writing-lines block h-full overflow-hidden px-1.5 opacity-60 before:content-[attr(data-text)]"
  style:font-size="{handPoints(style) * scale}px"
  data-text={askedFor(field)}
></span>
