<script lang="ts">
  import Logo from "../../ui/Logo.svelte";
  import SaveNote from "../../ui/SaveNote.svelte";
  import type { Editing } from "./editing.svelte";

  let { editing }: { editing: Editing } = $props();
</script>

<header class="col-span-3 flex items-center gap-3 py-2">
  <Logo />
  <div class="min-w-0 flex-1">
    <h1 class="sr-only">{editing.document.title}</h1>
    <input
      class="w-full max-w-xl truncate rounded bg-transparent px-1 font-serif text-lg leading-tight font-semibold hover:bg-base-200"
      value={editing.document.title}
      onchange={(event) => {
        editing.rename(event.currentTarget.value);
        event.currentTarget.value = editing.document.title;
      }}
      maxlength="200"
      aria-label="Title of the worksheet"
    />
    <p class="px-1 text-sm leading-tight"><SaveNote state={editing.saving} /></p>
  </div>
  <button class="btn btn-ghost btn-sm" disabled={!editing.canUndo} onclick={() => editing.undo()}>Undo</button
  >
  <button class="btn btn-ghost btn-sm" disabled={!editing.canRedo} onclick={() => editing.redo()}>Redo</button
  >
  <a class="btn btn-primary" href="#hand-out">Hand out</a>
</header>
