<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import Logo from "../../ui/Logo.svelte";
  import SaveNote from "../../ui/SaveNote.svelte";
  import { STEPS, type Step } from "./steps";
  import type { Editing } from "./state/editing.svelte";
  import { rename } from "../../worksheet/commands/worksheet";

  let { editing, step, onhelp }: { editing: Editing; step: Step; onhelp: () => void } = $props();
</script>

<header class="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1.5">
  <Logo />
  <div class="min-w-0 flex-1 basis-56 pb-1.5">
    <h1 class="sr-only">{editing.document.title}</h1>
    <input
      class="w-full max-w-xl truncate rounded bg-transparent px-1 font-serif text-lg leading-tight font-semibold hover:bg-base-200"
      dir="auto"
      value={editing.document.title}
      oninput={(event) => editing.do(rename(editing.document, event.currentTarget.value))}
      onblur={(event) => (event.currentTarget.value = editing.document.title)}
      maxlength={LIMITS.title}
      aria-label="Title of the worksheet"
    />
    <p class="px-1 text-sm leading-tight"><SaveNote state={editing.store.saving} /></p>
  </div>
  <nav class="flex flex-wrap items-end gap-1 self-end" aria-label="Steps">
    {#each STEPS as [name, label] (name)}
      <a
        href="#{name}"
        aria-current={step === name ? "step" : undefined}
        class="rounded-t-lg px-4 py-1.5 font-semibold {step === name
          ? 'border-t-2 border-accent bg-base-200'
          : 'quiet bg-base-200/40 hover:bg-base-200'}"
      >
        {label}
      </a>
    {/each}
  </nav>
  <span class="grow-[0.4]"></span>
  {#if editing.store.stale && !editing.store.deciding}
    <button class="btn btn-outline btn-sm btn-warning" onclick={() => (editing.store.deciding = true)}
      >Decide</button
    >
  {/if}
  <button class="btn btn-ghost btn-sm" disabled={!editing.store.canUndo} onclick={() => editing.undo()}
    >Undo</button
  >
  <button class="btn btn-ghost btn-sm" disabled={!editing.store.canRedo} onclick={() => editing.redo()}
    >Redo</button
  >
  <button
    class="btn btn-ghost btn-sm btn-square"
    aria-label="With the keyboard"
    title="With the keyboard: ?"
    onclick={onhelp}>?</button
  >
  <a class="btn btn-primary" href="#hand-out">Hand out</a>
</header>
