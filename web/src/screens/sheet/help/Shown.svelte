<script lang="ts">
  // What a help says. A worked example is uncovered step by step, as far as it is needed.
  import type { Help } from "../../../api/student";
  import Paragraphs from "../../../rich_text/Paragraphs.svelte";

  let { help, copy }: { help: Help; copy: string } = $props();

  let steps = $state(1);
</script>

{#if help.kind === "hint"}
  <div class="laid-text" dir="auto"><Paragraphs paragraphs={help.paragraphs} /></div>
{:else if help.kind === "example"}
  <div class="laid-text" dir="auto" aria-live="polite">
    <Paragraphs paragraphs={help.paragraphs.slice(0, steps)} />
  </div>
  {#if steps < help.paragraphs.length}
    <button class="btn btn-outline mt-2 h-11" onclick={() => (steps += 1)}
      >Next step ({steps} of {help.paragraphs.length} shown)</button
    >
  {/if}
{:else if help.kind === "link"}
  <p>
    <a
      class="underline underline-offset-2 break-words"
      href={help.address}
      target="_blank"
      rel="noopener noreferrer external"><bdi>{help.label || help.address}</bdi></a
    >
    <span class="quiet block text-sm">Opens outside this worksheet, on {new URL(help.address).hostname}.</span
    >
  </p>
{:else if help.kind === "sound"}
  <audio class="h-11 w-full" controls src="/c/{copy}/sounds/{help.sound}/"></audio>
  {#if help.words}<p class="mt-1" dir="auto">{help.words}</p>{/if}
{:else}
  <img src="/c/{copy}/pictures/{help.picture}/" alt={help.alternative} class="max-h-96 max-w-full" />
{/if}
