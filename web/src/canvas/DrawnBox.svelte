<script lang="ts">
  // The box that is being drawn on a page.
  import type { Box } from "./box";

  let { box, scale }: { box: Box; scale: number } = $props();
</script>

<div
  class="pointer-events-none absolute rounded-[2px] bg-accent/15 outline-2 outline-accent"
  style:left="{box.x * scale}px"
  style:top="{box.y * scale}px"
  style:width="{box.width * scale}px"
  style:height="{box.height * scale}px"
></div>
