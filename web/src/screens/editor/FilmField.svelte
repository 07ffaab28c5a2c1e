<script lang="ts">
  import type { Box, Field } from "../../api/teacher";
  import type { Handle } from "../../canvas/box";
  import { kindOf } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";
  import Handles from "./Handles.svelte";

  interface Props {
    editing: Editing;
    field: Field;
    box: Box;
    scale: number;
    onpress: (event: PointerEvent) => void;
    onhandle: (event: PointerEvent, handle: Handle) => void;
  }
  let { editing, field, box, scale, onpress, onhandle }: Props = $props();

  const Face = $derived(kindOf(field).Face);
  const selected = $derived(editing.selected.includes(field.id));
  const alone = $derived(selected && editing.selected.length === 1);
  const pageNumber = $derived(editing.document.pages.findIndex((page) => page.id === field.page) + 1);
</script>

<div
  class="film-field cursor-move touch-none {selected ? 'bg-accent/15 outline-[2.5px] outline-accent' : ''}"
  style:left="{box.x * scale}px"
  style:top="{box.y * scale}px"
  style:width="{box.width * scale}px"
  style:height="{box.height * scale}px"
  style:z-index={selected ? 2 : 1}
  role="button"
  tabindex="0"
  aria-pressed={selected}
  aria-label="{editing.name(field)}, page {pageNumber}"
  data-field={field.id}
  onpointerdown={onpress}
  onfocus={(event) =>
    event.currentTarget.matches(":focus-visible") && !selected && editing.select([field.id])}
>
  <span class="contents" aria-hidden="true"
    ><Face {field} fieldKey={editing.document.keys[field.id]} {scale} /></span
  >
  <span
    class="film-tag absolute -top-2.5 -left-2.5"
    class:bg-accent={selected}
    class:text-accent-content={selected}>{editing.number(field)}</span
  >
  {#if alone}<Handles {box} {scale} {onhandle} />{/if}
</div>
