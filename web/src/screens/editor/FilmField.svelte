<script lang="ts">
  import type { Box, Field } from "../../api/teacher";
  import { HANDLES, type Handle } from "../../canvas/box";
  import { kindOf } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";

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

  const SIDES: Record<string, string> = { w: "0%", e: "100%", n: "0%", s: "100%" };
  const across = (handle: Handle) => SIDES[handle.match(/[we]/)?.[0] ?? ""] ?? "50%";
  const down = (handle: Handle) => SIDES[handle.match(/[ns]/)?.[0] ?? ""] ?? "50%";
  /** Handles in the middle of a side only where there is room between the corners. */
  const shown = (handle: Handle) =>
    handle.length === 2 || ("ns".includes(handle) ? box.width : box.height) * scale > 56;
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
  {#if alone}
    {#each HANDLES.filter(shown) as handle (handle)}
      <span
        class="absolute grid size-6 -translate-1/2 touch-none place-items-center"
        style:left={across(handle)}
        style:top={down(handle)}
        style:cursor="{handle}-resize"
        data-handle={handle}
        onpointerdown={(event) => onhandle(event, handle)}
        role="presentation"
      >
        <span class="size-2.5 rounded-full border-2 border-(--light-edge) bg-white"></span>
      </span>
    {/each}
  {/if}
</div>
