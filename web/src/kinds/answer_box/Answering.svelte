<script lang="ts">
  import type { AnsweringProps } from "../student";
  import LIMITS from "../../generated/limits.json";
  import Palette from "./Palette.svelte";
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

  /** Points from the left beyond which the signs would reach over the edge of the paper. */
  const FAR_RIGHT = 300;
  let frame = $state<HTMLDivElement>();
  let input = $state<HTMLInputElement | HTMLTextAreaElement>();
  /** Whether the cursor is in the box, or on its signs. */
  let near = $state(false);

  const shared = $derived({
    value: answer?.text ?? "",
    readonly,
    onfocus,
    maxlength: LIMITS.written,
    "aria-label": label,
    "aria-describedby": describedby || undefined,
    autocomplete: "off" as const,
    autocapitalize: "off" as const,
    spellcheck: false,
  });
  const size = $derived(
    docked ? "1.125rem" : `max(1rem, ${textPoints(prompt.box.height, prompt.lines) * scale}px)`,
  );

  function write(text: string) {
    onanswer({ kind: "answer_box", version: 1, text });
  }
</script>

<div
  class="h-full w-full rounded-[inherit]"
  bind:this={frame}
  onfocusin={() => (near = true)}
  onfocusout={(event) => (near = frame?.contains(event.relatedTarget as Node | null) ?? false)}
>
  {#if prompt.lines === "one"}
    <input
      {...shared}
      bind:this={input}
      class="h-full w-full rounded-[inherit] bg-transparent px-1.5 font-semibold outline-none"
      class:input={docked}
      style:font-size={size}
      oninput={(event) => write(event.currentTarget.value)}
    />
  {:else}
    <textarea
      {...shared}
      bind:this={input}
      class="block h-full w-full resize-none rounded-[inherit] bg-transparent px-1.5 leading-[1.4] font-semibold outline-none"
      class:textarea={docked}
      rows={docked ? 3 : undefined}
      style:font-size={size}
      oninput={(event) => write(event.currentTarget.value)}></textarea>
  {/if}
  {#if prompt.signs !== "none" && !readonly && (docked || near)}
    <div
      class={docked
        ? "mt-2"
        : `absolute top-full ${prompt.box.x > FAR_RIGHT ? "right-0" : "left-0"} z-3 mt-1.5 w-max max-w-[22rem] rounded-lg bg-base-100 p-1.5 text-base-content shadow-lg`}
    >
      <Palette signs={prompt.signs} {input} />
    </div>
  {/if}
</div>
