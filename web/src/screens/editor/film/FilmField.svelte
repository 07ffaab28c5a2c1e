<script lang="ts">
  import Lock from "@lucide/svelte/icons/lock";
  import type { Box, Field } from "../../../api/teacher";
  import { carriedBy, covers, type Handle } from "../../../canvas/box";
  import { mayHold } from "../../../canvas/drag";
  import { dressed } from "../../../kinds/look";
  import { kindOf } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import SizeHandles from "../../../canvas/Handles.svelte";
  import { roomFor, type TabPlace } from "../../../canvas/tab_place";
  import NumberTab from "../../../ui/NumberTab.svelte";
  import type { Viewport } from "../../../canvas/viewport";
  import { changeFields } from "../../../worksheet/commands/fields";

  interface Props {
    editing: Editing;
    field: Field;
    view: Viewport;
    box: Box;
    scale: number;
    tab: TabPlace | undefined;
    /** Whether Tab stops here. */
    stop: boolean;
    onpress: (event: PointerEvent) => void;
    onhandle: (event: PointerEvent, handle: Handle) => void;
  }
  let { editing, field: laid, view, box: carried, scale, tab, stop, onpress, onhandle }: Props = $props();

  /** It as it is while parts of it are moved. */
  let shown = $state.raw<Field>();
  const field = $derived(shown ?? laid);
  const box = $derived(shown ? shown.box : carried);
  const { Face, Handles } = $derived(kindOf(laid));
  const style = $derived(field.style ?? editing.document.style);
  const selected = $derived(editing.hand.selected.includes(field.id));
  const alone = $derived(selected && editing.hand.selected.length === 1);
  const pageNumber = $derived(editing.document.pages.findIndex((page) => page.id === field.page) + 1);
</script>

<div
  class="film-field {field.locked ? '' : 'cursor-move'} {selected
    ? 'touch-none'
    : 'touch-pan-x touch-pan-y'} {selected ? 'bg-accent/15 outline-[2.5px] outline-accent' : ''}"
  style:left="{field.box.x * scale}px"
  style:top="{field.box.y * scale}px"
  style:translate={carriedBy(field.box, box, scale)}
  style:width="{box.width * scale}px"
  style:height="{box.height * scale}px"
  style:z-index={covers(box, view.page) ? 0 : selected ? 2 : 1}
  role="button"
  tabindex={stop ? 0 : -1}
  aria-pressed={selected}
  aria-label="{editing.name(field)}, page {pageNumber}{field.locked ? ', locked' : ''}"
  data-field={field.id}
  onpointerdown={onpress}
  style:--tab-room={roomFor(tab, editing.numberAt(laid, ""))}
  {@attach mayHold}
  {@attach dressed(style, kindOf(field).clear)}
  onfocus={() => (editing.hand.stop = field.id)}
>
  <span class="contents" aria-hidden="true"
    ><Face
      {field}
      fieldKey={editing.document.keys[field.id]}
      numbers={editing.numbersIn(laid)}
      {style}
      {scale}
    /></span
  >
  {#if editing.numberAt(laid, "")}
    <NumberTab number={editing.numberAt(laid, "")} box={field.box} place={tab} {scale} current={selected}>
      {#if field.locked}<Lock size={11} class="ms-1 inline" />{/if}
    </NumberTab>
  {/if}
  {#if alone && Handles && !laid.locked}
    <Handles
      field={laid}
      {view}
      onshow={(field) => (shown = field)}
      onfield={(field) => editing.do(changeFields("Place moved", [field]))}
    />
  {/if}
  {#if alone && !field.locked}<SizeHandles {box} {scale} {onhandle} />{/if}
</div>
