<script lang="ts">
  import type { Box, Field } from "../../../api/teacher";
  import { carriedBy, type Handle } from "../../../canvas/box";
  import { mayHold } from "../../../canvas/drag";
  import { kindOf } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import Handles from "../../../canvas/Handles.svelte";

  interface Props {
    editing: Editing;
    field: Field;
    box: Box;
    scale: number;
    /** Whether Tab stops here. */
    stop: boolean;
    onpress: (event: PointerEvent) => void;
    onhandle: (event: PointerEvent, handle: Handle) => void;
  }
  let { editing, field, box, scale, stop, onpress, onhandle }: Props = $props();

  const Face = $derived(kindOf(field).Face);
  const selected = $derived(editing.hand.selected.includes(field.id));
  const alone = $derived(selected && editing.hand.selected.length === 1);
  const pageNumber = $derived(editing.document.pages.findIndex((page) => page.id === field.page) + 1);
</script>

<div
  class="film-field cursor-move {selected ? 'touch-none' : 'touch-pan-x touch-pan-y'} {selected
    ? 'bg-accent/15 outline-[2.5px] outline-accent'
    : ''}"
  style:left="{field.box.x * scale}px"
  style:top="{field.box.y * scale}px"
  style:translate={carriedBy(field.box, box, scale)}
  style:width="{box.width * scale}px"
  style:height="{box.height * scale}px"
  style:z-index={selected ? 2 : 1}
  role="button"
  tabindex={stop ? 0 : -1}
  aria-pressed={selected}
  aria-label="{editing.name(field)}, page {pageNumber}"
  data-field={field.id}
  onpointerdown={onpress}
  {@attach mayHold}
  onfocus={() => (editing.hand.stop = field.id)}
>
  <span class="contents" aria-hidden="true"
    ><Face {field} fieldKey={editing.document.keys[field.id]} {scale} /></span
  >
  <span
    class="film-tag absolute -top-2.5 -left-2.5"
    class:bg-accent={selected}
    class:text-accent-content={selected}>{editing.store.number(field)}</span
  >
  {#if alone}<Handles {box} {scale} {onhandle} />{/if}
</div>
