<script lang="ts">
  // Notes on a page, only shown.
  import type { Box } from "../../canvas/box";
  import { PAPERS } from "./colours";
  import type { Named } from "./notes";

  let { box, notes, scale }: { box: Box; notes: readonly Named[]; scale: number } = $props();
</script>

{#each notes as { id, note } (id)}
  {@const { paper, rim } = PAPERS[note.colour]}
  <p
    class="free-note pointer-events-none"
    dir="auto"
    style:left="{(note.x - box.x) * scale}px"
    style:top="{(note.y - box.y) * scale}px"
    style:width="{note.width * scale}px"
    style:font-size="{11 * scale}px"
    style:background={paper}
    style:border-color={rim}
  >
    {note.text}
  </p>
{/each}
