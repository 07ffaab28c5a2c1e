<script lang="ts">
  // Paragraphs and lists, only shown.
  import { grouped, type Paragraph } from "./paragraphs";

  let { paragraphs: all }: { paragraphs: readonly Paragraph[] } = $props();
</script>

{#snippet runs(paragraph: Paragraph)}
  {#each paragraph.runs as run, i (i)}<span
      class:font-bold={run.bold}
      class:italic={run.italic}
      class:underline={run.underline}
      style:color={run.colour}>{run.text}</span
    >{:else}<br />{/each}
{/snippet}

{#each grouped(all) as { style, paragraphs }, i (i)}
  {#if style === "bullet" || style === "number"}
    <svelte:element this={style === "bullet" ? "ul" : "ol"}>
      {#each paragraphs as paragraph, k (k)}
        <li style:text-align={paragraph.align === "centre" ? "center" : paragraph.align}>
          {@render runs(paragraph)}
        </li>
      {/each}
    </svelte:element>
  {:else}
    {#each paragraphs as paragraph, k (k)}
      <svelte:element
        this={style === "heading" ? "h2" : style === "subheading" ? "h3" : "p"}
        style:text-align={paragraph.align === "centre" ? "center" : paragraph.align}
      >
        {@render runs(paragraph)}
      </svelte:element>
    {/each}
  {/if}
{/each}
