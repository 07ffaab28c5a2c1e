<script lang="ts">
  import LaidSmall from "../../fixtures/LaidSmall.svelte";
  import { Gradually } from "../../ui/gradually.svelte";
  import Picture from "../../ui/Picture.svelte";
  import { address, THUMB } from "../../ui/pictures";
  import type { Drawing } from "./drawing.svelte";
  import type { Editing } from "./editing.svelte";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    onpick: (page: string) => void;
  }
  let { editing, drawing, onpick }: Props = $props();

  const pages = $derived(editing.document.pages);
  const built = new Gradually(12, () => pages.length);
</script>

<nav class="flex min-h-40 flex-col" aria-label="Pages of the worksheet">
  <p class="quiet mb-1 text-sm font-semibold" role="status">
    {#if drawing.done}
      {pages.length === 1 ? "1 page" : `${pages.length} pages`}
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
    class="grid max-h-[34vh] grid-cols-[repeat(auto-fill,minmax(4.2rem,1fr))] gap-2 overflow-y-auto p-0.5 pb-1"
  >
    {#each pages.slice(0, built.count) as page, i (page.id)}
      <li class="relative">
        <button
          class="paper block w-full overflow-hidden"
          style:aspect-ratio="{page.width} / {page.height}"
          onclick={() => onpick(page.id)}
          aria-label="Go to page {i + 1}"
        >
          {#if drawing.failed(page)}
            <span class="text-sm text-warning">cannot be drawn</span>
          {:else if drawing.knows(page)}
            {#key address("", page, THUMB)}
              <Picture
                class="page-picture h-full w-full"
                loading="lazy"
                pictures={[[THUMB, address(`/worksheets/${editing.id}/pages/`, page, THUMB)]]}
                alt=""
              />
            {/key}
          {/if}
        </button>
        <LaidSmall fixtures={editing.fixtures} {page} />
      </li>
    {/each}
  </ol>
</nav>
