<script lang="ts">
  // What was found on a page, pale, so that the print is seen through it: pressed, it is taken.
  import type { Page } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import type { FoundPlaces } from "./found.svelte";

  interface Props {
    found: FoundPlaces;
    page: Page;
    scale: number;
  }
  let { found, page, scale }: Props = $props();
</script>

{#each found.on(page) as field (field.id)}
  <button
    class="found-place {field.box.width * scale < 30 ? 'narrow' : ''}"
    style:left="{field.box.x * scale}px"
    style:top="{field.box.y * scale}px"
    style:width="{field.box.width * scale}px"
    style:height="{field.box.height * scale}px"
    tabindex="-1"
    data-found={field.id}
    aria-label="Take what was found: {kindOf(field).label} {field.number}, {field.name}"
    onclick={() => found.take([field])}
  >
    {#if field.number}<span aria-hidden="true">{field.number}</span>{/if}
    {#if field.kind === "tick_places"}
      {#each field.spots as { id, x, y, width, height } (id)}
        <i
          class="found-spot"
          style:left="{x * 100}%"
          style:top="{y * 100}%"
          style:width="{width * 100}%"
          style:height="{height * 100}%"
        ></i>
      {/each}
    {/if}
  </button>
{/each}
