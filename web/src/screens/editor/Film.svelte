<script lang="ts">
  // The film of one page while fields are laid on it: drawing, selecting, moving, resizing.
  import type { Box, Page } from "../../api/teacher";
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
  import { usualSize, type Corner, type FixtureTool } from "./fixtures/tools";
  import FixtureBox from "./fixtures/FixtureBox.svelte";
  import { isField, type Editing, type Placed } from "./editing.svelte";
  import FilmField from "./FilmField.svelte";

  let { editing, page, scale }: { editing: Editing; page: Page; scale: number } = $props();

  let film: HTMLDivElement;
  /** A box that is being drawn, or a frame that gathers fields. */
  let drawn = $state.raw<Box>();
  /** Where fields are while they are moved; they are put there for good when the gesture ends. */
  let carried = $state.raw(new Map<string, Box>());

  const fields = $derived(editing.fieldsOn(page));
  const fixtures = $derived(editing.fixturesOn(page));
  /** With something picked up one draws over what is laid already: answer boxes over a table, say. */
  const through = $derived(editing.tool !== null);
  const inPoints = (by: Point): Point => ({ x: by.x / scale, y: by.y / scale });

  function pressFilm(event: PointerEvent) {
    if (event.button !== 0 || event.target !== film) return;
    if (event.pointerType === "touch" && !editing.tool) return editing.select([]);
    const rect = film.getBoundingClientRect();
    const start = inPoints({ x: event.clientX - rect.left, y: event.clientY - rect.top });
    const at = (by: Point) => ({ x: start.x + by.x / scale, y: start.y + by.y / scale });
    const tool = editing.tool;
    let from: Corner = "top left";
    follow(event, {
      move: (by) => {
        drawn = between(start, at(by));
        from = `${by.y < 0 ? "bottom" : "top"} ${by.x < 0 ? "right" : "left"}`;
      },
      end: (dragged) => {
        const box = drawn;
        drawn = undefined;
        if (!tool) editing.select(dragged && box ? gathered(box) : []);
        else if (dragged && box) editing.place(tool, page, grown(box, tool), from);
        else {
          const under = closedAt(start);
          if (under) editing.select([under.id]);
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

  function usualAt(tool: keyof typeof KINDS | FixtureTool, point: Point): Box {
    const { width, height } = usualSize(tool);
    return { x: point.x, y: point.y - height / 2, width, height };
  }

  function press(event: PointerEvent, placed: Placed) {
    if (event.button !== 0) return;
    const several = event.shiftKey || event.ctrlKey || event.metaKey;
    const had = editing.selected.includes(placed.id);
    if (several)
      editing.select(
        had ? editing.selected.filter((id) => id !== placed.id) : [...editing.selected, placed.id],
      );
    else if (!had) editing.select([placed.id]);
    const start = editing.allInHand.filter((other) => other.page === page.id);
    if (start.length === 0) return;
    const whole = around(start.map((other) => other.box));
    follow(event, {
      move: (by) => {
        const to = moved(whole, inPoints(by), page);
        const step = { x: to.x - whole.x, y: to.y - whole.y };
        carried = new Map(start.map(({ id, box }) => [id, { ...box, x: box.x + step.x, y: box.y + step.y }]));
      },
      end: (dragged) => {
        if (dragged) putDown(start.length === 1 ? `${editing.name(placed)} moved` : "Moved");
        else if (had && !several) {
          if (editing.selected.length === 1 && !isField(placed)) write(placed);
          editing.select([placed.id]);
        }
      },
      cancel: () => (carried = new Map()),
    });
  }

  /** Pressed once more, what holds words is written in. */
  function write(placed: Placed) {
    if (placed.kind === "text" || placed.kind === "table") editing.writing = placed.id;
  }

  function pressHandle(event: PointerEvent, placed: Placed, handle: Handle) {
    event.stopPropagation();
    follow(event, {
      move: (by) => (carried = new Map([[placed.id, resized(placed.box, handle, inPoints(by), page)]])),
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
  {#each fixtures as fixture (fixture.id)}
    <FixtureBox
      {editing}
      {fixture}
      {scale}
      {through}
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
      box={carried.get(field.id) ?? field.box}
      onpress={(event) => press(event, field)}
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
