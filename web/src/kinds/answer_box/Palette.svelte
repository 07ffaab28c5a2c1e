<script lang="ts">
  // Signs to press beside an answer box. The cursor stays in the box.
  import type { AidProps } from "../student";
  import { insert, SIGNS, shifted, type Shift } from "./signs";

  let { prompt, answering }: AidProps<"answer_box"> = $props();

  const signs = $derived(prompt.signs === "none" ? [] : SIGNS[prompt.signs]);
  const input = $derived(answering.querySelector<HTMLInputElement | HTMLTextAreaElement>("input, textarea"));

  let shift = $state<Shift>(null);
  const SHIFTS = [
    ["lowered", "x₂", "Lowered digits"],
    ["raised", "x²", "Raised digits"],
  ] as const;

  function onbeforeinput(event: Event) {
    if (!(event instanceof InputEvent) || !input || !event.data) return;
    const text = shifted(event.data, shift);
    if (text === null) shift = null;
    else {
      event.preventDefault();
      insert(input, text);
    }
  }

  $effect(() => {
    const place = input;
    place?.addEventListener("beforeinput", onbeforeinput);
    return () => place?.removeEventListener("beforeinput", onbeforeinput);
  });

  /** Pressing does not take the cursor out of the box. */
  const stay = (event: PointerEvent) => event.preventDefault();

  function press(text: string) {
    shift = null;
    if (input) insert(input, text);
    input?.focus();
  }
</script>

<div class="flex flex-wrap gap-1" role="group" aria-label="Signs">
  {#each SHIFTS as [name, face, label] (name)}
    {#if prompt.signs === "chemistry" || name === "raised"}
      <button
        class="btn h-11 min-w-11 px-2 text-lg {shift === name ? 'btn-primary' : 'btn-outline'}"
        aria-label="{face}: {label.toLowerCase()}"
        title={label}
        aria-pressed={shift === name}
        onpointerdown={stay}
        onclick={() => {
          shift = shift === name ? null : name;
          input?.focus();
        }}>{face}</button
      >
    {/if}
  {/each}
  {#each signs as [sign, label] (sign)}
    <button
      class="btn btn-outline h-11 min-w-11 px-2 text-lg"
      aria-label={label}
      title={label}
      onpointerdown={stay}
      onclick={() => press(sign)}>{sign}</button
    >
  {/each}
</div>
