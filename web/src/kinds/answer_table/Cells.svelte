<script lang="ts">
  // A table's cells, each with what is in it.
  import type { Snippet } from "svelte";
  import { boxOf, inOrder, type Cell, type Grid } from "./grid";

  interface Props {
    grid: Grid;
    /** Pixels of the letters in a cell, by its height in shares of the table. */
    size: (height: number) => number;
    inHand?: string | undefined;
    cell: Snippet<[cell: Cell]>;
  }
  let { grid, size, inHand, cell: within }: Props = $props();
</script>

{#each inOrder(grid.cells) as cell (cell.id)}
  {@const box = boxOf(grid, cell)}
  <span
    class="table-cell-field"
    class:in-hand={inHand === cell.id}
    style:left="{box.x * 100}%"
    style:top="{box.y * 100}%"
    style:width="{box.width * 100}%"
    style:height="{box.height * 100}%"
    style:font-size="{size(box.height)}px">{@render within(cell)}</span
  >
{/each}
