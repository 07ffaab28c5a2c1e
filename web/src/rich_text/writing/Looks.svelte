<script lang="ts">
  // The looks that words can have. The cursor stays in the text.
  import Bold from "@lucide/svelte/icons/bold";
  import Italic from "@lucide/svelte/icons/italic";
  import List from "@lucide/svelte/icons/list";
  import ListOrdered from "@lucide/svelte/icons/list-ordered";
  import Underline from "@lucide/svelte/icons/underline";
  import type { Writer } from "./writer.svelte";

  let { writer }: { writer: Writer } = $props();

  const LOOKS = [
    ["bold", "Bold", Bold],
    ["italic", "Italic", Italic],
    ["underline", "Underlined", Underline],
    ["bullet", "List with dots", List],
    ["number", "List with numbers", ListOrdered],
  ] as const;
</script>

<div class="flex flex-wrap gap-1" role="group" aria-label="Look of the words">
  {#each LOOKS as [look, label, Icon] (look)}
    <button
      type="button"
      class="btn size-11 p-0 {writer.has(look) ? 'btn-primary' : 'btn-ghost'}"
      aria-label={label}
      title={label}
      aria-pressed={writer.has(look)}
      onpointerdown={(event) => event.preventDefault()}
      onclick={() => writer.toggle(look)}><Icon size={18} aria-hidden="true" /></button
    >
  {/each}
</div>
