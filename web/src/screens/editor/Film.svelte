<script lang="ts">
  // The film of one page while fields are laid on it: drawing, selecting, moving, resizing.
  import type { Box, Field, Page } from "../../api/teacher";
  import {
    around,
    between,
    moved,
    overlaps,
    resized,
    SMALLEST,
    type Handle,
    type Point,
  } from "../../canvas/box";
  import { follow } from "../../canvas/drag";
  import { KINDS } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";
  import FilmField from "./FilmField.svelte";

  let { editing, page, scale }: { editing: Editing; page: Page; scale: number } = $props();

  let film: HTMLDivElement;
  /** A box that is being drawn, or a frame that gathers fields. */
  let drawn = $state.raw<Box>();
  /** Where fields are while they are moved; they are put there for good when the gesture ends. */
  let carried = $state.raw(new Map<string, Box>());

  const fields = $derived(editing.fieldsOn(page));
  const inPoints = (by: Point): Point => ({ x: by.x / scale, y: by.y / scale });

  function pressFilm(event: PointerEvent) {
    if (event.button !== 0 || event.target !== film) return;
    if (event.pointerType === "touch" && !editing.tool) return editing.select([]);
    const rect = film.getBoundingClientRect();
    const start = inPoints({ x: event.clientX - rect.left, y: event.clientY - rect.top });
    const at = (by: Point) => ({ x: start.x + by.x / scale, y: start.y + by.y / scale });
    const tool = editing.tool;
    follow(event, {
      move: (by) => (drawn = between(start, at(by))),
      end: (dragged) => {
        const box = drawn;
        drawn = undefined;
        if (!tool) editing.select(dragged && box ? gathered(box) : []);
        else if (dragged && box) editing.place(tool, page, grown(box));
        else editing.place(tool, page, usualAt(tool, start));
      },
      cancel: () => (drawn = undefined),
    });
  }

  const gathered = (frame: Box) =>
    fields.filter((field) => overlaps(field.box, frame)).map((field) => field.id);
  const grown = (box: Box) => ({
    ...box,
    width: Math.max(box.width, SMALLEST),
    height: Math.max(box.height, SMALLEST),
  });

  function usualAt(tool: keyof typeof KINDS, point: Point): Box {
    const { width, height } = KINDS[tool].usual;
    return { x: point.x, y: point.y - height / 2, width, height };
  }

  function pressField(event: PointerEvent, field: Field) {
    if (event.button !== 0) return;
    const several = event.shiftKey || event.ctrlKey || event.metaKey;
    const had = editing.selected.includes(field.id);
    if (several)
      editing.select(
        had ? editing.selected.filter((id) => id !== field.id) : [...editing.selected, field.id],
      );
    else if (!had) editing.select([field.id]);
    const start = editing.inHand.filter((other) => other.page === page.id);
    if (start.length === 0) return;
    const whole = around(start.map((other) => other.box));
    follow(event, {
      move: (by) => {
        const to = moved(whole, inPoints(by), page);
        const step = { x: to.x - whole.x, y: to.y - whole.y };
        carried = new Map(start.map(({ id, box }) => [id, { ...box, x: box.x + step.x, y: box.y + step.y }]));
      },
      end: (dragged) => {
        if (dragged) putDown(start.length === 1 ? `${editing.name(field)} moved` : "Moved");
        else if (had && !several) editing.select([field.id]);
      },
      cancel: () => (carried = new Map()),
    });
  }

  function pressHandle(event: PointerEvent, field: Field, handle: Handle) {
    event.stopPropagation();
    follow(event, {
      move: (by) => (carried = new Map([[field.id, resized(field.box, handle, inPoints(by), page)]])),
      end: () => putDown("Size changed"),
      cancel: () => (carried = new Map()),
    });
  }

  function putDown(label: string) {
    const boxes = carried;
    carried = new Map();
    editing.setBoxes(label, boxes);
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (the keyboard's way is in keys.ts) -->
<div
  bind:this={film}
  class="absolute inset-0 {editing.tool ? 'cursor-crosshair touch-none' : ''}"
  onpointerdown={pressFilm}
  data-testid="film"
>
  {#each fields as field (field.id)}
    <FilmField
      {editing}
      {field}
      {scale}
      box={carried.get(field.id) ?? field.box}
      onpress={(event) => pressField(event, field)}
      onhandle={(event, handle) => pressHandle(event, field, handle)}
    />
  {/each}
  {#if drawn}
    <div
      class="pointer-events-none absolute rounded-[2px] bg-accent/15 outline-2 outline-accent"
      style:left="{drawn.x * scale}px"
      style:top="{drawn.y * scale}px"
      style:width="{drawn.width * scale}px"
      style:height="{drawn.height * scale}px"
    ></div>
  {/if}
</div>
