<script lang="ts">
  // What has to be in the text, one thing a line; empty: it waits for the teacher.
  import { handPoints } from "../answer_box/text_size";
  import type { KeyFieldProps } from "../teacher";
  import { wantedLines, withWanted } from "./keys";

  let { fieldKey, style, scale, label, onkey }: KeyFieldProps<"long_text"> = $props();

  /** As it is typed while it is in hand: a line that is begun is no phrase yet. */
  let typing = $state<string>();
</script>

<textarea
  class="field-text block h-full w-full resize-none bg-transparent leading-[1.4] font-medium outline-none"
  style:font-size="{handPoints(style) * scale}px"
  placeholder="What has to be in it, one thing a line. Empty: you look at it."
  value={typing ?? wantedLines(fieldKey)}
  oninput={(event) => {
    typing = event.currentTarget.value;
    onkey(withWanted(fieldKey, typing));
  }}
  onblur={() => (typing = undefined)}
  aria-label={label}
  dir="auto"></textarea>
