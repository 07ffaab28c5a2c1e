<script lang="ts">
  // A page as small as a stamp, as soon as the server has drawn it; with a label it can be pressed.
  import type { Page } from "../../../api/teacher";
  import LaidSmall from "../../../fixtures/LaidSmall.svelte";
  import Picture from "../../../ui/Picture.svelte";
  import { address, THUMB } from "../../../ui/pictures";
  import type { Editing } from "../state/editing.svelte";
  import type { Drawing } from "./drawing.svelte";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    page: Page;
    label?: string;
    /** Whether it is chosen, where pages are chosen. */
    chosen?: boolean;
    onpress?: (event: MouseEvent) => void;
  }
  let { editing, drawing, page, label, chosen, onpress }: Props = $props();
</script>

{#snippet thumb()}
  <span class="paper block overflow-hidden" style:aspect-ratio="{page.width} / {page.height}">
    {#if drawing.failed(page)}
      <span class="block p-2 text-sm text-warning">cannot be drawn</span>
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
  </span>
{/snippet}

<!-- What is laid on it lies beside the button: its words are no part of the button's name. -->
<div class="relative">
  {#if label}
    <button
      class="block w-full {chosen ? 'outline-[3px] outline-offset-4 outline-accent' : ''}"
      aria-pressed={chosen}
      aria-label={label}
      onclick={onpress}
    >
      {@render thumb()}
    </button>
  {:else}
    {@render thumb()}
  {/if}
  <LaidSmall fixtures={editing.store.fixtures} {page} />
</div>
