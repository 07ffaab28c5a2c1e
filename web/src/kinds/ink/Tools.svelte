<script lang="ts">
  // What a student writes with, under the thumb or beside the pages.
  import Eraser from "@lucide/svelte/icons/eraser";
  import Highlighter from "@lucide/svelte/icons/highlighter";
  import Pen from "@lucide/svelte/icons/pen";
  import Redo from "@lucide/svelte/icons/redo-2";
  import Scissors from "@lucide/svelte/icons/scissors";
  import Slash from "@lucide/svelte/icons/slash";
  import Type from "@lucide/svelte/icons/type";
  import Undo from "@lucide/svelte/icons/undo-2";
  import { sheetStore } from "../sheet_store";
  import type { PromptOf } from "../student";
  import { COLOURS } from "./draw";
  import type { Colour } from "./strokes";
  import { toolsOf } from "./tools.svelte";

  let { prompt }: { prompt: PromptOf<"ink"> } = $props();

  const TOOLS = [
    ["pen", "Pen", Pen],
    ["highlighter", "Highlighter", Highlighter],
    ["line", "Straight line", Slash],
    ["note", "Typed note", Type],
    ["eraser", "Rub out strokes", Eraser],
    ["part", "Rub out parts", Scissors],
  ] as const;
  const NAMES: Record<Colour, string> = /* @wc-include */ {
    ink: "Dark",
    blue: "Blue",
    orange: "Orange",
    green: "Green",
  };

  const store = sheetStore();
  const tools = toolsOf(store);
  const area = $derived(tools.area(store, prompt));
</script>

<div class="flex flex-wrap items-center gap-1">
  {#if prompt.whole_page}
    <button
      class="btn h-11 {tools.taken === prompt.id ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={tools.taken === prompt.id}
      onclick={() => (tools.taken = tools.taken === prompt.id ? undefined : prompt.id)}
      >Write on the page</button
    >
  {/if}
  <div class="flex flex-wrap gap-1" role="group" aria-label="Tools">
    {#each TOOLS as [tool, label, Icon] (tool)}
      <button
        class="btn size-11 p-0 {tools.tool === tool ? 'btn-primary' : 'btn-ghost'}"
        aria-label={label}
        title={label}
        aria-pressed={tools.tool === tool}
        onclick={() => {
          tools.tool = tool;
          if (prompt.whole_page) tools.taken = prompt.id;
        }}><Icon size={18} aria-hidden="true" /></button
      >
    {/each}
  </div>
  {#if !tools.rubs}
    <div class="flex gap-1" role="group" aria-label="Colour">
      {#each Object.entries(COLOURS) as [colour, value] (colour)}
        <button
          class="grid size-11 place-items-center rounded-lg {tools.colour === colour
            ? 'outline-2 -outline-offset-2 outline-base-content'
            : ''}"
          aria-label={NAMES[colour as Colour]}
          title={NAMES[colour as Colour]}
          aria-pressed={tools.colour === colour}
          onclick={() => (tools.colour = colour as Colour)}
        >
          <span class="ink-colour size-6 rounded-full" style:background={value}></span>
        </button>
      {/each}
    </div>
    <button
      class="btn h-11 {tools.thick ? 'btn-primary' : 'btn-ghost'}"
      aria-pressed={tools.thick}
      onclick={() => (tools.thick = !tools.thick)}>Thick</button
    >
  {/if}
  <button
    class="btn btn-ghost size-11 p-0"
    aria-label="Undo"
    disabled={!area.canUndo}
    onclick={() => area.undo()}><Undo size={18} aria-hidden="true" /></button
  >
  <button
    class="btn btn-ghost size-11 p-0"
    aria-label="Redo"
    disabled={!area.canRedo}
    onclick={() => area.redo()}><Redo size={18} aria-hidden="true" /></button
  >
</div>
