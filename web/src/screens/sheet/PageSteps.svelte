<script lang="ts">
  // Takes back what was done on the page in view, does it again, and puts back everything that was moved there.
  import Redo2 from "@lucide/svelte/icons/redo-2";
  import RotateCcw from "@lucide/svelte/icons/rotate-ccw";
  import Undo2 from "@lucide/svelte/icons/undo-2";
  import { announce } from "../../ui/Announcer.svelte";
  import type { Working } from "./working.svelte";

  let { working, page }: { working: Working; page: string } = $props();

  const moved = $derived(working.movedOn(page).length > 0);
  const canUndo = $derived(working.steps.canUndo(page));
  const canRedo = $derived(working.steps.canRedo(page));

  function startAgain() {
    working.startAgain(page);
    announce("All on this page is put back.");
  }

  function undo() {
    const of = working.undo(page);
    if (of) announce(`Undone: question ${of}.`);
  }

  function redo() {
    const of = working.redo(page);
    if (of) announce(`Done again: question ${of}.`);
  }

  /** Where something is typed, the browser undoes letter by letter. */
  function onkeydown(event: KeyboardEvent) {
    const typing = (event.target as Element | null)?.closest(
      "input:not([type=radio], [type=checkbox]), textarea, [contenteditable]",
    );
    if (typing || event.defaultPrevented || working.readonly || document.querySelector("dialog[open]"))
      return;
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
    const key = event.key.toLowerCase();
    if (key === "y" || (key === "z" && event.shiftKey)) redo();
    else if (key === "z") undo();
    else return;
    event.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

{#if !working.readonly}
  {#if moved}
    <button
      class="btn h-11 bg-base-100 shadow-md max-2xl:w-11 max-2xl:p-0"
      title="Start this page again"
      onclick={startAgain}
    >
      <RotateCcw size={18} aria-hidden="true" /><span class="max-2xl:sr-only">Start this page again</span>
    </button>
  {/if}
  {#if canUndo || canRedo}
    <div class="flex rounded-lg bg-base-100 shadow-md" role="group" aria-label="What was done on this page">
      <button
        class="btn btn-ghost size-11 p-0"
        aria-label="Undo on this page"
        title="Undo on this page"
        disabled={!canUndo}
        onclick={undo}><Undo2 size={18} aria-hidden="true" /></button
      >
      <button
        class="btn btn-ghost size-11 p-0"
        aria-label="Do it again on this page"
        title="Do it again on this page"
        disabled={!canRedo}
        onclick={redo}><Redo2 size={18} aria-hidden="true" /></button
      >
    </div>
  {/if}
{/if}
