<script lang="ts">
  // Regions of a page, drawn on it, that become pages of their own.
  import { asModal } from "../../ui/modal";
  import { Failure } from "../../api/failure";
  import type { Box, Page } from "../../api/teacher";
  import { between, HANDLES, moved, resized, rounded, type Handle, type Point } from "../../canvas/box";
  import { ARROWS } from "../../canvas/arrows";
  import { follow } from "../../canvas/drag";
  import { announce } from "../../ui/Announcer.svelte";
  import PagePaper from "../../ui/PagePaper.svelte";
  import type { Paging } from "./paging.svelte";

  let { paging, page, onclose }: { paging: Paging; page: Page; onclose: () => void } = $props();

  /** The smallest region, in points; and the height of one that is laid with the keyboard, as a share of the page. */
  const SMALLEST = 24;
  const SHARE = 0.2;

  let film = $state<HTMLDivElement>();
  let width = $state(600);
  let regions = $state.raw<Box[]>([]);
  let drawn = $state.raw<Box>();
  let problem = $state("");
  let busy = $state(false);

  const scale = $derived((width - 48) / page.width);
  const inPoints = (by: Point): Point => ({ x: by.x / scale, y: by.y / scale });
  const put = (i: number, box: Box) => (regions = regions.map((other, k) => (k === i ? box : other)));

  function press(event: PointerEvent) {
    if (event.button !== 0 || event.target !== film || !film) return;
    const rect = film.getBoundingClientRect();
    const start = inPoints({ x: event.clientX - rect.left, y: event.clientY - rect.top });
    const within = (point: Point) => ({
      x: Math.max(0, Math.min(page.width, point.x)),
      y: Math.max(0, Math.min(page.height, point.y)),
    });
    follow(event, {
      move: (by) =>
        (drawn = between(start, within({ x: start.x + by.x / scale, y: start.y + by.y / scale }))),
      end: () => {
        if (drawn && drawn.width >= SMALLEST && drawn.height >= SMALLEST) add(drawn);
        drawn = undefined;
      },
      cancel: () => (drawn = undefined),
    });
  }

  function add(box: Box) {
    regions = [...regions, rounded(box)];
    announce(`Region ${regions.length} added`);
  }

  /** Lay a region below the last one. */
  function addBelow() {
    const last = regions.at(-1);
    const height = page.height * SHARE;
    const box = { x: 0, y: last ? last.y + last.height : 0, width: page.width, height };
    add(moved(box, { x: 0, y: 0 }, page));
  }

  function take(i: number) {
    regions = regions.filter((_, k) => k !== i);
    announce(`Region ${i + 1} taken away`);
  }

  function pressRegion(event: PointerEvent, i: number, handle?: Handle) {
    if (event.button !== 0) return;
    event.stopPropagation();
    const before = regions[i];
    if (!before) return;
    follow(event, {
      move: (by) =>
        put(i, handle ? resized(before, handle, inPoints(by), page) : moved(before, inPoints(by), page)),
      end: () => undefined,
      cancel: () => put(i, before),
    });
  }

  function onKey(event: KeyboardEvent, i: number) {
    const box = regions[i];
    const arrow = ARROWS[event.key];
    if (!box) return;
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      take(i);
    } else if (arrow) {
      event.preventDefault();
      const step = event.shiftKey ? 30 : 5;
      const by = { x: arrow.x * step, y: arrow.y * step };
      put(i, event.altKey ? resized(box, "se", by, page) : moved(box, by, page));
    }
  }

  async function cut() {
    busy = true;
    problem = "";
    try {
      await paging.cutOut(page, regions.map(rounded));
      onclose();
    } catch (failure) {
      problem = failure instanceof Failure ? failure.message : String(failure);
    }
    busy = false;
  }
</script>

<dialog
  class="card-paper m-auto h-[94dvh] w-[min(64rem,94vw)] max-w-none backdrop:bg-neutral/40"
  aria-labelledby="cut-out"
  {onclose}
  {@attach asModal}
>
  <div class="flex h-full flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 px-6 py-4">
      <div class="min-w-0 flex-1 basis-72">
        <h2 id="cut-out" class="text-xl">Cut regions out of {paging.editing.pageName(page)}</h2>
        <p class="quiet text-sm">
          Draw around a question, then the next. Each becomes a page of its own, in this order.
        </p>
      </div>
      <button class="btn btn-outline" onclick={addBelow}>Add a region</button>
      <button class="btn btn-outline" onclick={onclose}>Cancel</button>
      <button class="btn btn-primary" disabled={regions.length === 0 || busy} onclick={cut}>
        {regions.length === 1 ? "Make 1 page" : `Make ${regions.length} pages`}
      </button>
    </div>
    {#if problem}
      <p class="mx-6 mb-3 border-l-4 border-warning pl-3 font-semibold text-warning" role="alert">
        {problem}
      </p>
    {/if}
    <div class="min-h-0 flex-1 overflow-y-auto bg-base-300 p-6" bind:clientWidth={width}>
      <PagePaper
        {page}
        pictures="/worksheets/{paging.editing.id}/pages/"
        {scale}
        alt={paging.editing.pageName(page)}
        lazy={false}
      >
        <!-- svelte-ignore a11y_no_static_element_interactions (with the keyboard, regions are added by the button) -->
        <div
          bind:this={film}
          class="absolute inset-0 cursor-crosshair touch-none"
          onpointerdown={press}
          data-testid="regions"
        >
          {#each regions as box, i (i)}
            <div
              class="film-field cursor-move touch-none bg-accent/15 outline-[2.5px] outline-accent"
              style:left="{box.x * scale}px"
              style:top="{box.y * scale}px"
              style:width="{box.width * scale}px"
              style:height="{box.height * scale}px"
              role="button"
              tabindex="0"
              aria-label="Region {i + 1}. Arrow keys move it, with Alt they resize it, Delete takes it away."
              onpointerdown={(event) => pressRegion(event, i)}
              onkeydown={(event) => onKey(event, i)}
            >
              <span class="film-tag absolute top-1 left-1 bg-accent text-accent-content">{i + 1}</span>
              {#each HANDLES.filter((handle) => handle.length === 2) as handle (handle)}
                <span
                  class="absolute grid size-6 -translate-1/2 touch-none place-items-center"
                  style:left={handle.includes("w") ? "0%" : "100%"}
                  style:top={handle.includes("n") ? "0%" : "100%"}
                  style:cursor="{handle}-resize"
                  onpointerdown={(event) => pressRegion(event, i, handle)}
                  role="presentation"
                >
                  <span class="size-2.5 rounded-full border-2 border-(--light-edge) bg-white"></span>
                </span>
              {/each}
            </div>
          {/each}
          {#if drawn}
            <div
              class="pointer-events-none absolute bg-accent/15 outline-2 outline-accent"
              style:left="{drawn.x * scale}px"
              style:top="{drawn.y * scale}px"
              style:width="{drawn.width * scale}px"
              style:height="{drawn.height * scale}px"
            ></div>
          {/if}
        </div>
      </PagePaper>
    </div>
  </div>
</dialog>
