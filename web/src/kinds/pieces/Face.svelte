<script lang="ts">
  // The tray while it is laid.
  import type { FaceProps } from "../teacher";
  import PieceFace from "./PieceFace.svelte";

  let { field, scale }: FaceProps<"pieces"> = $props();
</script>

<span class="flex h-full flex-wrap content-center items-center justify-center gap-1.5 overflow-hidden p-1">
  {#if field.tray === "beside"}
    <span class="text-xs before:content-[attr(data-text)]" data-text="The tray is beside the pages"></span>
  {:else}
    {#each field.pieces as piece (piece.id)}<PieceFace {piece} {scale} silent />{/each}
  {/if}
</span>
