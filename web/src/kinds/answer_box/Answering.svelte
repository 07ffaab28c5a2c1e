<script lang="ts">
  import type { AnsweringProps } from "../student";
  import LIMITS from "../../generated/limits.json";
  import { textPoints } from "./text_size";

  let {
    prompt,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onanswer,
    onfocus,
  }: AnsweringProps<"answer_box"> = $props();

  const shared = $derived({
    value: answer?.text ?? "",
    readonly,
    onfocus: () => onfocus(),
    maxlength: LIMITS.written,
    dir: "auto" as const,
    "aria-label": label,
    "aria-describedby": describedby || undefined,
    autocomplete: "off" as const,
    autocapitalize: "off" as const,
    spellcheck: false,
    placeholder: prompt.placeholder || undefined,
  });
  const points = $derived(textPoints({ text: answer?.text ?? "", ...prompt }));
  const highest = $derived(prompt.lines === "one" ? Math.max(points, prompt.box.height * 0.8) * scale : 999);
  const size = $derived(
    docked
      ? "calc(1.125rem * var(--letters, 1))"
      : // Larger letters as the student likes, as far as a line has room for them.
        `max(1rem, min(${points * scale}px * var(--letters, 1), ${highest}px))`,
  );

  function write(text: string) {
    onanswer({ kind: "answer_box", version: 1, text });
  }
</script>

{#if prompt.lines === "one"}
  <input
    {...shared}
    class="field-text h-full w-full rounded-[inherit] bg-transparent font-semibold outline-none"
    class:input={docked}
    style:font-size={size}
    oninput={(event) => write(event.currentTarget.value)}
  />
{:else}
  <textarea
    {...shared}
    class="field-text block h-full w-full resize-none rounded-[inherit] bg-transparent leading-[1.4] font-semibold outline-none"
    class:textarea={docked}
    rows={docked ? 3 : undefined}
    style:font-size={size}
    oninput={(event) => write(event.currentTarget.value)}></textarea>
{/if}
