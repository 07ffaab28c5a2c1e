<script lang="ts">
  // The film of one page while fields are laid on it: drawing, selecting, moving, resizing.
  import { SvelteMap } from "svelte/reactivity";
  import type { Box, Page } from "../../../api/teacher";
  import { between, overlaps, resized, SMALLEST, type Handle, type Point } from "../../../canvas/box";
  import DrawnBox from "../../../canvas/DrawnBox.svelte";
  import { drag, dragOrScroll, mayHold } from "../../../canvas/drag";
  import { Viewport } from "../../../canvas/viewport";
  import type { Kind } from "../../../kinds/teacher";
  import { usualSize, type Corner, type FixtureTool } from "../fixtures/tools";
  import FixtureBox from "../fixtures/FixtureBox.svelte";
  import { carried as carriedTogether, putAt } from "../../../worksheet/commands/boxes";
  import { isField, type Placed } from "../../../worksheet/lying";
  import type { Editing } from "../state/editing.svelte";
  import FoundOn from "../found/FoundOn.svelte";
  import type { FoundPlaces } from "../found/found.svelte";
  import FilmField from "./FilmField.svelte";

  interface Props {
    editing: Editing;
    found: FoundPlaces;
    page: Page;
    scale: number;
    /** What Tab stops at. */
    stop: string | undefined;
  }
  let { editing, found, page, scale, stop }: Props = $props();

  let film: HTMLDivElement;
  /** A box that is being drawn, or a frame that gathers fields. */
  let drawn = $state.raw<Box>();
  /** Where fields are while they are moved; they are put there for good when the gesture ends. */
  const carried = new SvelteMap<string, Box>();

  const fields = $derived(editing.store.fieldsOn(page));
  const fixtures = $derived(editing.store.fixturesOn(page));
  /** With something picked up one draws over what is laid already: fields over a table, say. */
  const through = $derived(editing.hand.tool !== null);
  const view = $derived(new Viewport(() => film, page, scale));

  function pressFilm(event: PointerEvent) {
    // What was found may be drawn over; pressed without a drag, it is taken.
    const pressed = (event.target as Element).closest<HTMLElement>("[data-found]")?.dataset.found;
    if (event.button !== 0 || (event.target !== film && !pressed)) return;
    if (event.pointerType === "touch" && pressed) return; // a tap is a click, and anything else scrolls
    if (event.pointerType === "touch" && !editing.hand.tool) return editing.hand.select([]);
    const start = view.inside(view.toPage({ x: event.clientX, y: event.clientY }));
    const tool = editing.hand.tool;
    let from: Corner = "top left";
    dragOrScroll(event, view, {
      move: (at, by) => {
        drawn = between(start, view.inside(at));
        from = `${by.y < 0 ? "bottom" : "top"} ${by.x < 0 ? "right" : "left"}`;
      },
      end: (dragged) => {
        const box = drawn;
        drawn = undefined;
        if (pressed && !dragged) found.take(found.on(page).filter(({ id }) => id === pressed));
        else if (!tool) editing.hand.select(dragged && box ? gathered(box) : []);
        else if (dragged && box) editing.place(tool, page, grown(box, tool), from);
        else {
          const under = closedAt(start);
          if (under) editing.hand.select([under.id]);
          else editing.place(tool, page, usualAt(tool, start));
        }
      },
      cancel: () => (drawn = undefined),
    });
  }

  const gathered = (frame: Box) =>
    [...fixtures, ...fields].filter(({ box }) => overlaps(box, frame)).map(({ id }) => id);
  /** A line may be level or upright; all else has a smallest size. */
  function grown(box: Box, tool: string): Box {
    const least = tool === "line" || tool === "arrow" ? 1 : SMALLEST;
    return { ...box, width: Math.max(box.width, least), height: Math.max(box.height, least) };
  }

  /** The uppermost fixture at a point, unless it is one that fields are laid into: a table, a grid, a clear shape. */
  function closedAt({ x, y }: Point) {
    const point = { x: x - 1, y: y - 1, width: 2, height: 2 };
    return fixtures.findLast((fixture) => {
      const open = fixture.kind === "shape" ? !fixture.fill : ["table", "grid"].includes(fixture.kind);
      return !open && overlaps(fixture.box, point);
    });
  }

  function usualAt(tool: Kind | FixtureTool, point: Point): Box {
    const { width, height } = usualSize(tool);
    return { x: point.x, y: point.y - height / 2, width, height };
  }

  function press(event: PointerEvent, placed: Placed) {
    if (event.button !== 0) return;
    const several = event.shiftKey || event.ctrlKey || event.metaKey;
    const had = editing.hand.selected.includes(placed.id);
    if (several)
      editing.hand.select(
        had ? editing.hand.selected.filter((id) => id !== placed.id) : [...editing.hand.selected, placed.id],
      );
    else if (!had) editing.hand.select([placed.id]);
    const start = editing.inHand.filter((other) => other.page === page.id);
    if (start.length === 0) return;
    // What is in hand already is dragged with a finger too; what is not may be a page that somebody scrolls.
    (had ? drag : dragOrScroll)(event, view, {
      move: (_, by) => {
        for (const [id, box] of carriedTogether(start, by, page)) carried.set(id, box);
      },
      end: (dragged) => {
        if (dragged) putDown(start.length === 1 ? `Moved: ${editing.name(placed)}` : "Moved");
        else if (had && !several) {
          if (editing.hand.selected.length === 1 && !isField(placed)) write(placed);
          editing.hand.select([placed.id]);
        }
      },
      cancel: () => carried.clear(),
    });
  }

  /** Pressed once more, what holds words is written in. */
  function write(placed: Placed) {
    if (placed.kind === "text" || placed.kind === "table") editing.hand.writing = placed.id;
  }

  function pressHandle(event: PointerEvent, placed: Placed, handle: Handle) {
    event.stopPropagation();
    drag(event, view, {
      move: (_, by) => carried.set(placed.id, resized(placed.box, handle, by, page)),
      end: () => putDown("Size changed"),
      cancel: () => carried.clear(),
    });
  }

  function putDown(label: string) {
    const boxes = new Map(carried);
    carried.clear();
    editing.do(putAt(editing.document, label, boxes));
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (the keyboard's way is in keys.ts) -->
<div
  bind:this={film}
  class="absolute inset-0 touch-pan-x touch-pan-y {editing.hand.tool ? 'cursor-crosshair' : ''}"
  onpointerdown={pressFilm}
  {@attach mayHold}
  data-testid="film"
>
  <FoundOn {found} {page} {scale} />
  {#each fixtures as fixture (fixture.id)}
    <FixtureBox
      {editing}
      {fixture}
      {scale}
      {through}
      stop={stop === fixture.id}
      box={carried.get(fixture.id) ?? fixture.box}
      onpress={(event) => press(event, fixture)}
      onhandle={(event, handle) => pressHandle(event, fixture, handle)}
    />
  {/each}
  {#each fields as field (field.id)}
    <FilmField
      {editing}
      {field}
      {scale}
      stop={stop === field.id}
      box={carried.get(field.id) ?? field.box}
      onpress={(event) => press(event, field)}
      onhandle={(event, handle) => pressHandle(event, field, handle)}
    />
  {/each}
  {#if drawn}<DrawnBox box={drawn} {scale} />{/if}
</div>
