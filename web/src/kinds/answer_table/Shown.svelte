<script lang="ts">
  // A table with what is written in its cells, only shown.
  import VerdictMark from "../../ui/VerdictMark.svelte";
  import type { ReviewedPart } from "../teacher";
  import Cells from "./Cells.svelte";
  import type { Grid } from "./grid";

  interface Props {
    grid: Grid;
    size: (height: number) => number;
    texts: ReadonlyMap<string, string>;
    numbers: Readonly<Record<string, string>>;
    parts?: readonly ReviewedPart[];
    onpick?: (part: string) => void;
  }
  let { grid, size, texts, numbers, parts = [], onpick }: Props = $props();

  const inHand = $derived(parts.find(({ selected }) => selected)?.id);
</script>

<Cells {grid} {size} {inHand}>
  {#snippet cell({ id })}
    {@const part = parts.find((part) => part.id === id)}
    {#if part && onpick}
      <button
        class="table-control"
        aria-pressed={part.selected}
        aria-label={part.label}
        onclick={() => onpick(id)}
        ><span class="gap-number before:content-[attr(data-text)]" data-text={part.number}></span><bdi
          class="min-w-0 flex-1 truncate">{texts.get(id) ?? ""}</bdi
        >{#if part.mark}<VerdictMark
            verdict={part.mark.verdict}
            tries={part.mark.tries}
            silent
          />{/if}</button
      >
    {:else}
      <span class="table-control"
        ><span class="gap-number before:content-[attr(data-text)]" data-text={numbers[id]}></span><span
          class="min-w-0 flex-1 truncate before:content-[attr(data-text)]"
          data-text={texts.get(id) ?? ""}
        ></span></span
      >
    {/if}
  {/snippet}
</Cells>
