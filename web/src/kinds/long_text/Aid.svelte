<script lang="ts">
  // The looks that words can have, and how many there are. The cursor stays in the text.
  import Bold from "@lucide/svelte/icons/bold";
  import Italic from "@lucide/svelte/icons/italic";
  import List from "@lucide/svelte/icons/list";
  import ListOrdered from "@lucide/svelte/icons/list-ordered";
  import Underline from "@lucide/svelte/icons/underline";
  import { plural } from "../../words/say";
  import type { AidProps } from "../student";
  import { askedFor, isAskedFor, lettersOf, wordCount } from "./words";
  import { writerIn } from "./writers.svelte";

  let { prompt, answering }: AidProps<"long_text"> = $props();

  const LOOKS = [
    ["bold", "Bold", Bold],
    ["italic", "Italic", Italic],
    ["underline", "Underlined", Underline],
    ["bulletList", "List with dots", List],
    ["orderedList", "List with numbers", ListOrdered],
  ] as const;

  const writer = $derived(writerIn(answering));
  const count = $derived(writer ? wordCount(lettersOf(writer.paragraphs)) : 0);
  const asked = $derived(askedFor(prompt));
</script>

{#if writer}
  <div class="flex flex-wrap items-center gap-1">
    {#if prompt.formatted}
      <div class="flex flex-wrap gap-1" role="group" aria-label="Look of the words">
        {#each LOOKS as [look, label, Icon] (look)}
          <button
            class="btn size-11 p-0 {writer.has(look) ? 'btn-primary' : 'btn-ghost'}"
            aria-label={label}
            title={label}
            aria-pressed={writer.has(look)}
            onpointerdown={(event) => event.preventDefault()}
            onclick={() => writer.toggle(look)}><Icon size={18} aria-hidden="true" /></button
          >
        {/each}
      </div>
    {/if}
    <p class="ms-auto text-sm tabular-nums">
      <b>{plural(count, ["# word", "# words"])}</b>
      {#if asked}<span class={isAskedFor(count, prompt) ? "quiet" : "font-semibold"}>· {asked} asked for</span
        >{/if}
    </p>
  </div>
{/if}
