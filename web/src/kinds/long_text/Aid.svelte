<script lang="ts">
  // The looks that words can have, and how many words there are.
  import Looks from "../../rich_text/writing/Looks.svelte";
  import { writerIn } from "../../rich_text/writing/writers.svelte";
  import { plural } from "../../words/say";
  import type { AidProps } from "../student";
  import { lettersOf } from "../../rich_text/paragraphs";
  import { askedFor, isAskedFor, wordCount } from "./words";

  let { prompt, answering }: AidProps<"long_text"> = $props();

  const writer = $derived(writerIn(answering));
  const count = $derived(writer ? wordCount(lettersOf(writer.paragraphs)) : 0);
  const asked = $derived(askedFor(prompt));
</script>

{#if writer}
  <div class="flex flex-wrap items-center gap-1">
    {#if prompt.formatted}<Looks {writer} />{/if}
    <p class="ms-auto text-sm tabular-nums">
      <b>{plural(count, ["# word", "# words"])}</b>
      {#if asked}<span class={isAskedFor(count, prompt) ? "quiet" : "font-semibold"}>· {asked} asked for</span
        >{/if}
    </p>
  </div>
{/if}
