<script lang="ts">
  // The lines that show what a box that is moved was brought in line with.
  import type { Guide } from "./snap";

  let { guides, scale }: { guides: readonly Guide[]; scale: number } = $props();
</script>

{#each guides as { axis, at, from, to } (axis)}
  <span
    class="guide-line {axis === 'x' ? 'border-l' : 'border-t'}"
    style:left="{(axis === 'x' ? at : from) * scale}px"
    style:top="{(axis === 'x' ? from : at) * scale}px"
    style:width="{axis === 'x' ? 0 : (to - from) * scale}px"
    style:height="{axis === 'x' ? (to - from) * scale : 0}px"
    data-guide={axis}
  ></span>
{/each}
