<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import Logo from "../../ui/Logo.svelte";
  import SaveNote from "../../ui/SaveNote.svelte";
  import type { Editing } from "./editing.svelte";

  let { editing }: { editing: Editing } = $props();
</script>

<header class="flex items-center gap-3 py-2">
  <Logo />
  <div class="min-w-0 flex-1">
    <h1 class="sr-only">{editing.document.title}</h1>
    <input
      class="w-full max-w-xl truncate rounded bg-transparent px-1 font-serif text-lg leading-tight font-semibold hover:bg-base-200"
      value={editing.document.title}
      oninput={(event) => editing.rename(event.currentTarget.value)}
      onblur={(event) => (event.currentTarget.value = editing.document.title)}
      maxlength={LIMITS.title}
      aria-label="Title of the worksheet"
    />
    <p class="px-1 text-sm leading-tight"><SaveNote state={editing.saving} /></p>
  </div>
  {#if editing.stale && !editing.deciding}
    <button class="btn btn-outline btn-sm btn-warning" onclick={() => (editing.deciding = true)}
      >Decide</button
    >
  {/if}
  <button class="btn btn-ghost btn-sm" disabled={!editing.canUndo} onclick={() => editing.undo()}>Undo</button
  >
  <button class="btn btn-ghost btn-sm" disabled={!editing.canRedo} onclick={() => editing.redo()}>Redo</button
  >
  <a class="btn btn-primary" href="#hand-out">Hand out</a>
</header>
