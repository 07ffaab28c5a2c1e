<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import type { KeyFieldProps } from "../teacher";
  import { textPoints } from "./text_size";

  let { field, fieldKey, style, scale, label, onkey }: KeyFieldProps<"answer_box"> = $props();

  const size = $derived(
    `${textPoints({ text: fieldKey?.text ?? "", box: field.box, lines: field.lines, style }) * scale}px`,
  );

  function write(text: string) {
    onkey(
      text.trim()
        ? {
            also: [],
            partly: [],
            refused: [],
            follows: null,
            comparison: null,
            ...fieldKey,
            kind: "answer_box",
            text,
          }
        : null,
    );
  }
</script>

{#if field.lines === "one"}
  <input
    class="field-text h-full w-full bg-transparent font-medium outline-none"
    style:font-size={size}
    value={fieldKey?.text ?? ""}
    oninput={(event) => write(event.currentTarget.value)}
    aria-label={label}
    dir="auto"
    maxlength={LIMITS.written}
    autocomplete="off"
    spellcheck="false"
  />
{:else}
  <textarea
    class="field-text block h-full w-full resize-none bg-transparent leading-[1.4] font-medium outline-none"
    style:font-size={size}
    value={fieldKey?.text ?? ""}
    oninput={(event) => write(event.currentTarget.value)}
    aria-label={label}
    dir="auto"
    maxlength={LIMITS.written}></textarea>
{/if}
