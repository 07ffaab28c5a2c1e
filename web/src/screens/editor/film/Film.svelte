<script lang="ts">
  // The film of one page while fields are laid on it: drawing, selecting, moving, resizing.
  import { SvelteMap } from "svelte/reactivity";
  import type { Box, Page } from "../../../api/teacher";
  import {
    around,
    between,
    middleOf,
    moved,
    overlaps,
    resized,
    SMALLEST,
    type Handle,
    type Point,
  } from "../../../canvas/box";
  import DrawnBox from "../../../canvas/DrawnBox.svelte";
  import { drag, dragOrScroll, mayHold } from "../../../canvas/drag";
  import GuideLines from "../../../canvas/GuideLines.svelte";
  import RepeatHandle from "../../../canvas/RepeatHandle.svelte";
  import type { Ink } from "../../../canvas/ink";
  import { copiesOf, repeated } from "../../../canvas/repeat";
  import { ALL, type Edges, type Guide, type Moving } from "../../../canvas/snap";
  import { Viewport } from "../../../canvas/viewport";
  import { placesOf } from "../../../kinds/form";
  import { kindsOn } from "../../../kinds/layers";
  import { announce } from "../../../ui/Announcer.svelte";
  import NumberTab from "../../../ui/NumberTab.svelte";
  import { plural } from "../../../words/say";
  import { KINDS, kindOf, type Kind } from "../../../kinds/teacher";
  import { isFixtureTool, usualSize, type Corner, type FixtureTool } from "../fixtures/tools";
  import FixtureBox from "../fixtures/FixtureBox.svelte";
  import { carried as carriedTogether, putAt } from "../../../worksheet/commands/boxes";
  import { changeFields } from "../../../worksheet/commands/fields";
  import { repeat } from "../../../worksheet/commands/repeat";
  import { isField, isLocked, type Placed } from "../../../worksheet/lying";
  import type { Editing } from "../state/editing.svelte";
  import FoundOn from "../found/FoundOn.svelte";
  import type { FoundPlaces } from "../found/found.svelte";
  import FilmField from "./FilmField.svelte";

  interface Props {
    editing: Editing;
    found: FoundPlaces;
    page: Page;
    scale: number;
    ink: Ink | undefined;
    /** What Tab stops at. */
    stop: string | undefined;
  }
  let { editing, found, page, scale, ink, stop }: Props = $props();

  let film: HTMLDivElement;
  /** A box that is being drawn, or a frame that gathers fields. */
  let drawn = $state.raw<Box>();
  /** Where fields are while they are moved; they are put there for good when the gesture ends. */
  const carried = new SvelteMap<string, Box>();
  /** Lines to what is brought in line, while it is moved; and copies that would be laid. */
  let guides = $state.raw<Guide[]>([]);
  let copies = $state.raw<Box[]>([]);

  /** CSS pixels from an edge within which what is moved is brought onto it. */
  const SNAP = 6;

  const fields = $derived(editing.store.fieldsOn(page));
  /** Those whose own box lies here: others have only some of their places on this page. */
  const boxed = $derived(fields.filter((field) => field.page === page.id));
  const tabs = $derived(editing.tabs(page, scale, ink));
  const fixtures = $derived(editing.store.fixturesOn(page));
  /** With something picked up one draws over what is laid already: fields over a table, say. */
  const through = $derived(editing.hand.tool !== null);
  const view = $derived(new Viewport(() => film, page, scale));
  const inHandHere = $derived(editing.inHand.filter((placed) => placed.page === page.id));

  /** What boxes are brought in line with, but for those that are moved. */
  const edgesBut = (ids: readonly string[]): Edges =>
    editing.printed.edges(
      page,
      [...fixtures, ...fields].filter(({ id }) => !ids.includes(id)).map(({ box }) => box),
    );

  /** How far a box has to go to be in line; nothing while a key keeps it free. */
  function inLine(edges: Edges, box: Box, moving: Moving, free: boolean): Point {
    const snapped = free ? { by: { x: 0, y: 0 }, guides: [] } : edges.snap(box, SNAP / scale, moving);
    guides = snapped.guides;
    return snapped.by;
  }

  function pressFilm(event: PointerEvent) {
    // What was found may be drawn over; pressed without a drag, it is taken.
    const pressed = (event.target as Element).closest<HTMLElement>("[data-found]")?.dataset.found;
    if (event.button !== 0 || (event.target !== film && !pressed)) return;
    if (event.pointerType === "touch" && pressed) return; // a tap is a click, and anything else scrolls
    const start = view.inside(view.toPage({ x: event.clientX, y: event.clientY }));
    if (editing.hand.adding) return pressToAdd(event, start, editing.hand.adding);
    const tool = editing.hand.tool;
    const edges = tool && !found.gathering ? edgesBut([]) : undefined;
    let from: Corner = "top left";
    dragOrScroll(event, view, {
      move: (at, by, free) => {
        drawn = between(start, view.inside(at));
        from = `${by.y < 0 ? "bottom" : "top"} ${by.x < 0 ? "right" : "left"}`;
        if (edges) drawn = sidesInLine(edges, drawn, from, free);
      },
      end: (dragged) => {
        const box = drawn;
        drawn = undefined;
        guides = [];
        if (found.gathering) {
          if (dragged && box) found.take(found.in(page, box));
          found.gathering = false;
        } else if (pressed && !dragged) found.take(found.on(page).filter(({ id }) => id === pressed));
        else if (!tool) gather(dragged && box ? gathered(box) : []);
        else if (dragged && box) editing.place(tool, page, grown(box, tool), from);
        else {
          const under = closedAt(start);
          if (under) editing.hand.select([under.id]);
          else editing.place(tool, page, isFixtureTool(tool) ? usualAt(tool, start) : fitted(tool, start));
        }
      },
      cancel: () => {
        drawn = undefined;
        guides = [];
      },
    });
  }

  /** A press adds a part to what is in hand, such as a place to tick; a frame that is drawn, one in each blank within it. */
  function pressToAdd(event: PointerEvent, start: Point, id: string) {
    dragOrScroll(event, view, {
      move: (at) => (drawn = between(start, view.inside(at))),
      end: (dragged) => {
        const frame = drawn;
        drawn = undefined;
        if (!dragged) addAt([{ at: start, blank: editing.printed.blankAt(page, start) }], id);
        else if (frame)
          addAt(
            editing.printed.blanksIn(page, frame).map((blank) => ({ at: middleOf(blank), blank })),
            id,
          );
      },
      cancel: () => (drawn = undefined),
    });
  }

  function addAt(places: readonly { at: Point; blank: Box | undefined }[], id: string) {
    // It may lie on another page, and have places on this one.
    const field = editing.document.fields.find((field) => field.id === id);
    if (!field) return;
    const now = places.reduce(
      (field, { at, blank }) => kindOf(field).added?.(field, at, page, blank) ?? field,
      field,
    );
    if (now !== field)
      editing.do(changeFields(plural(places.length, ["# place added", "# places added"]), [now]));
    else announce("Nothing to write in was found there.");
  }

  /** A box that is drawn, its corners brought in line: the one that was pressed, and the one that is dragged. */
  function sidesInLine(edges: Edges, box: Box, from: Corner, free: boolean): Box {
    const [first, second] = [pressedSides(from), pressedSides(opposite(from))];
    const pressed = inLine(edges, box, first, free);
    const there = guides;
    const dragged = inLine(edges, box, second, free);
    guides = [...there, ...guides].filter(
      ({ axis }, i, all) => all.findIndex((each) => each.axis === axis) === i,
    );
    const right = box.x + box.width + (from.endsWith("left") ? dragged.x : pressed.x);
    const bottom = box.y + box.height + (from.startsWith("top") ? dragged.y : pressed.y);
    const left = box.x + (from.endsWith("left") ? pressed.x : dragged.x);
    const top = box.y + (from.startsWith("top") ? pressed.y : dragged.y);
    return between({ x: left, y: top }, { x: right, y: bottom });
  }

  const pressedSides = (corner: Corner): Moving => ({
    x: [corner.endsWith("left") ? "start" : "end"],
    y: [corner.startsWith("top") ? "start" : "end"],
  });
  const opposite = (corner: Corner): Corner =>
    `${corner.startsWith("top") ? "bottom" : "top"} ${corner.endsWith("left") ? "right" : "left"}`;

  /** Take in hand what a region holds; what was in hand stays where more is gathered. */
  function gather(ids: string[]) {
    const kept = editing.hand.gathering ? editing.hand.selected : [];
    editing.hand.select([...new Set([...kept, ...ids])]);
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
    const { width, height } = isFixtureTool(tool)
      ? usualSize(tool)
      : (editing.hand.sizes[tool] ?? usualSize(tool));
    return { x: point.x, y: point.y - height / 2, width, height };
  }

  /** The blank under a point where nothing lies yet; else as large as such a field was laid last, in line. */
  function fitted(kind: Kind, point: Point): Box {
    const blank = KINDS.get(kind).clear ? undefined : editing.printed.blankAt(page, point);
    if (blank && !fields.some(({ box }) => overlaps(box, blank))) return blank;
    const box = usualAt(kind, point);
    const { by } = edgesBut([]).snap(box, SNAP / scale);
    return moved(box, by, page);
  }

  function press(event: PointerEvent, placed: Placed) {
    if (event.button !== 0) return;
    const several = event.shiftKey || event.ctrlKey || event.metaKey || editing.hand.gathering;
    const had = editing.hand.selected.includes(placed.id);
    if (several)
      editing.hand.select(
        had ? editing.hand.selected.filter((id) => id !== placed.id) : [...editing.hand.selected, placed.id],
      );
    else if (!had) editing.hand.select([placed.id]);
    const start = inHandHere.filter((other) => !isLocked(other));
    if (start.length === 0) return;
    const edges = edgesBut(start.map(({ id }) => id));
    // What is in hand already is dragged with a finger too; what is not may be a page that somebody scrolls.
    (had ? drag : dragOrScroll)(event, view, {
      move: (_, by, free) => {
        const there = around([...carriedTogether(start, by, page).values()]);
        const more = inLine(edges, there, ALL, free);
        const to = { x: by.x + more.x, y: by.y + more.y };
        for (const [id, box] of carriedTogether(start, to, page)) carried.set(id, box);
      },
      end: (dragged) => {
        if (dragged) putDown(start.length === 1 ? `Moved: ${editing.name(placed)}` : "Moved");
        else if (had && !several) {
          if (editing.hand.selected.length === 1 && !isField(placed)) write(placed);
          editing.hand.select([placed.id]);
        }
      },
      cancel: letGo,
    });
  }

  /** Pressed once more, what holds words is written in. */
  function write(placed: Placed) {
    if (placed.kind === "text" || placed.kind === "table") editing.hand.writing = placed.id;
  }

  function pressHandle(event: PointerEvent, placed: Placed, handle: Handle) {
    event.stopPropagation();
    const edges = edgesBut([placed.id]);
    const moving: Moving = {
      x: handle.includes("w") ? ["start"] : handle.includes("e") ? ["end"] : [],
      y: handle.includes("n") ? ["start"] : handle.includes("s") ? ["end"] : [],
    };
    drag(event, view, {
      move: (_, by, free) => {
        const more = inLine(edges, resized(placed.box, handle, by, page), moving, free);
        carried.set(placed.id, resized(placed.box, handle, { x: by.x + more.x, y: by.y + more.y }, page));
      },
      end: () => {
        const box = carried.get(placed.id);
        putDown("Size changed");
        if (box && isField(placed)) editing.hand.sizes[placed.kind] = box;
      },
      cancel: letGo,
    });
  }

  function pressRepeat(event: PointerEvent) {
    event.stopPropagation();
    const placed = inHandHere;
    const boxes = placed.map(({ box }) => box);
    const printed = editing.printed.places(page);
    let wanted = { units: [] as number[], offsets: [] as Point[] };
    drag(event, view, {
      move: (_, by) => {
        wanted = repeated(boxes, by, printed, page);
        copies = copiesOf(
          wanted.units.map((unit) => boxes[unit] as Box),
          wanted.offsets,
        );
      },
      end: (dragged) => {
        copies = [];
        const units = wanted.units.flatMap((unit) => placed[unit] ?? []);
        if (dragged) editing.do(repeat(editing.document, units, wanted.offsets, editing.hand.selected));
      },
      cancel: () => (copies = []),
    });
  }

  function letGo() {
    carried.clear();
    guides = [];
  }

  function putDown(label: string) {
    const boxes = new Map(carried);
    letGo();
    editing.do(putAt(editing.document, label, boxes));
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (the keyboard's way is in keys.ts) -->
<div
  bind:this={film}
  class="absolute inset-0 touch-pan-x touch-pan-y {editing.hand.tool ? 'cursor-crosshair' : ''}"
  onpointerdown={pressFilm}
  onpointerenter={() => void editing.printed.want(page)}
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
  {#each boxed as field (field.id)}
    <FilmField
      {editing}
      {field}
      {view}
      {scale}
      tab={tabs.get(field.id)}
      stop={stop === field.id}
      box={carried.get(field.id) ?? field.box}
      onpress={(event) => press(event, field)}
      onhandle={(event, handle) => pressHandle(event, field, handle)}
    />
  {/each}
  {#each kindsOn(page, fields, placesOf, kindOf) as [kind, placed] (kind)}
    {@const Layer = kind.FilmLayer}
    {#if Layer}
      <div class="pointer-events-none absolute inset-0 z-1">
        <Layer
          {page}
          {scale}
          {view}
          fields={placed}
          style={editing.document.style}
          printed={() => editing.printed.places(page)}
          selected={editing.hand.selected}
          numberAt={(field, place) => editing.numberAt(field, place)}
          onpick={(id) => editing.hand.select([id])}
          onfield={(label, field) => editing.do(changeFields(label, [field]))}
        />
        {#each placed as field (field.id)}
          {#each editing.questionsAt(field, page) as { name, number, box } (name)}
            {#if name !== field.id}
              <span class="absolute" style:left="{box.x * scale}px" style:top="{box.y * scale}px">
                <NumberTab {number} {box} place={tabs.get(name)} {scale} />
              </span>
            {/if}
          {/each}
        {/each}
      </div>
    {/if}
  {/each}
  {#if drawn}<DrawnBox box={drawn} {scale} />{/if}
  {#each copies as box, i (i)}<DrawnBox {box} {scale} />{/each}
  <GuideLines {guides} {scale} />
  {#if inHandHere.length > 0 && carried.size === 0 && !editing.hand.writing}
    <RepeatHandle
      around={around(inHandHere.map(({ box }) => box))}
      {page}
      {scale}
      onpointerdown={pressRepeat}
    />
  {/if}
</div>
