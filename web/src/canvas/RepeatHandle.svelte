<script lang="ts">
  // The handle by which what is in hand is laid again, along a row, a column or over a grid.
  import CopyPlus from "@lucide/svelte/icons/copy-plus";
  import type { Box, Size } from "./box";

  interface Props {
    /** What it is beside. */
    around: Box;
    page: Size;
    scale: number;
    onpointerdown: (event: PointerEvent) => void;
  }
  let { around, page, scale, onpointerdown }: Props = $props();

  /** CSS pixels that it stands away from the corner, past the handle there, and that it is wide. */
  const AWAY = 18;
  const SIZE = 30;
  const left = $derived(Math.min((around.x + around.width) * scale + AWAY, page.width * scale - SIZE));
  const top = $derived(Math.min((around.y + around.height) * scale + 2, page.height * scale - SIZE));
</script>

<span
  class="absolute z-3 grid touch-none place-items-center rounded-md border border-(--light-edge) bg-base-100 shadow"
  style:left="{left}px"
  style:top="{top}px"
  style:width="{SIZE}px"
  style:height="{SIZE}px"
  style:cursor="copy"
  title="Drag along a row, a column or a grid to lay it again"
  data-handle="repeat"
  role="presentation"
  {onpointerdown}
>
  <CopyPlus size={16} aria-hidden="true" />
</span>
