<script lang="ts">
  import { plural } from "../../../words/say";
  import { Gradually } from "../../../ui/gradually.svelte";
  import type { Drawing } from "./drawing.svelte";
  import PageThumb from "./PageThumb.svelte";
  import type { Editing } from "../state/editing.svelte";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    onpick: (page: string) => void;
  }
  let { editing, drawing, onpick }: Props = $props();

  const pages = $derived(editing.document.pages);
  const built = new Gradually(12, () => pages.length);
</script>

<nav class="flex min-h-32 min-w-24 flex-1 basis-40 flex-col justify-end" aria-label="Pages of the worksheet">
  <p class="quiet mb-1 text-xs font-semibold" role="status">
    {#if drawing.done}
      {plural(pages.length, ["# page", "# pages"])}
    {:else}
      Drawing pages: {drawing.ready} of {pages.length}
    {/if}
  </p>
  {#if !drawing.done}
    <progress
      class="progress mb-2 w-full progress-secondary"
      value={drawing.ready}
      max={pages.length}
      aria-label="Pages drawn"
    ></progress>
  {/if}
  <ol
    class="grid max-h-[34vh] min-h-0 grid-cols-[repeat(auto-fill,minmax(4.2rem,1fr))] gap-2 overflow-y-auto p-0.5 pb-1 @max-[56rem]:max-h-24 @max-[56rem]:grid-cols-[repeat(auto-fill,4.2rem)]"
  >
    {#each pages.slice(0, built.count) as page, i (page.id)}
      <li>
        <PageThumb {editing} {drawing} {page} label="Go to page {i + 1}" onpress={() => onpick(page.id)} />
      </li>
    {/each}
  </ol>
</nav>
