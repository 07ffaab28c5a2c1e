<script lang="ts">
  // A page before and after: its sheet found or its corners dragged, its paper whitened, its turn.
  import Dialog from "../../../ui/Dialog.svelte";
  import { untrack } from "svelte";
  import { sentenceOf } from "../../../api/failure";
  import type { Page, Schemas } from "../../../api/teacher";
  import type { Point, Size } from "../../../canvas/box";
  import { drag } from "../../../canvas/drag";
  import { stepOf } from "../../../canvas/keys";
  import { Viewport } from "../../../canvas/viewport";
  import Picture from "../../../ui/Picture.svelte";
  import { address, LAPTOP } from "../../../ui/pictures";
  import { turnedPage } from "../../../worksheet/edits";
  import type { Paging } from "./paging.svelte";

  interface Props {
    paging: Paging;
    page: Page;
    proposal: Schemas["Proposal"] | null;
    onclose: () => void;
  }
  let { paging, page, proposal, onclose }: Props = $props();

  type Corners = Point[];
  const NAMES = ["Top left", "Top right", "Bottom right", "Bottom left"] as const;

  const begun = untrack(() => ({ page, proposal }));
  let corners = $state.raw<Corners | null>(begun.proposal?.corners ?? begun.page.corners ?? null);
  let whiten = $state(begun.proposal?.whiten ?? begun.page.whiten);
  let turn = $state<Page["turn"]>(begun.proposal?.turn ?? begun.page.turn);
  /** The size of the file's page, in points; and how the page would be shown. */
  let whole = $state.raw<Size>();
  let shown = $state.raw<Schemas["Shown"]>();
  let problem = $state("");
  let width = $state(400);
  let screen = $state(800);
  /** Pixels that a page may be high, with all around it on the screen too. */
  const most = $derived(Math.max(240, screen - 300));

  const scale = $derived(whole ? Math.min(width / whole.width, most / whole.height) : 1);
  const pictures = $derived(`/worksheets/${paging.editing.id}/pages/`);
  const before = $derived(whole && { id: page.id, ...whole, turn: 0 as const, whiten: false, corners: null });
  const after = $derived(shown && turnedPage({ ...page, ...shown, turn: 0 }, turn));

  $effect(() => {
    const { corners: at, whiten: white } = { corners, whiten };
    untrack(() => void show(at, white));
  });

  async function show(at: Corners | null, white: boolean) {
    problem = "";
    try {
      whole ??= (await paging.straightened(page, null, false)).shown;
      const next = await paging.straightened(page, at, white);
      if (at === corners && white === whiten) shown = next.shown;
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }

  const clamped = (point: Point, size: Size): Point => ({
    x: Math.round(Math.max(0, Math.min(size.width, point.x)) * 10) / 10,
    y: Math.round(Math.max(0, Math.min(size.height, point.y)) * 10) / 10,
  });

  function all({ width, height }: Size): Corners {
    return [
      { x: 0, y: 0 },
      { x: width, y: 0 },
      { x: width, y: height },
      { x: 0, y: height },
    ];
  }

  /** Milliseconds without a key after which the page is drawn anew. */
  const REST = 600;
  let resting: ReturnType<typeof setTimeout> | undefined;
  let sheet = $state<HTMLElement>();
  let dragged = $state.raw<Corners>();
  const held = $derived(dragged ?? corners ?? (whole ? all(whole) : null));

  function withCorner(from: Corners, i: number, by: Point): Corners {
    return from.map((corner, k) =>
      k === i && whole ? clamped({ x: corner.x + by.x, y: corner.y + by.y }, whole) : corner,
    );
  }

  function press(event: PointerEvent, i: number) {
    const from = held;
    if (event.button !== 0 || !from || !whole) return;
    drag(event, new Viewport(() => sheet as HTMLElement, whole, scale), {
      move: (_, by) => (dragged = withCorner(from, i, by)),
      end: putDown,
      cancel: () => (dragged = undefined),
    });
  }

  function onKey(event: KeyboardEvent, i: number) {
    const step = stepOf(event, { small: 1, large: 10 });
    if (!step || !held) return;
    event.preventDefault();
    dragged = withCorner(held, i, step);
    // What the page becomes is drawn when the keys rest, not at each press.
    clearTimeout(resting);
    resting = setTimeout(putDown, REST);
  }

  function putDown() {
    clearTimeout(resting);
    if (dragged) corners = dragged;
    dragged = undefined;
  }

  const first = { corners: untrack(() => corners), whiten: untrack(() => whiten), turn: untrack(() => turn) };
  const changed = $derived(
    held !== null &&
      (dragged !== undefined || corners !== first.corners || whiten !== first.whiten || turn !== first.turn),
  );

  function asItIs() {
    putDown();
    corners = null;
    whiten = false;
    turn = 0;
  }

  async function use() {
    putDown();
    problem = "";
    try {
      await paging.straighten([{ page, corners, whiten, turn }]);
      onclose();
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<svelte:window bind:innerHeight={screen} />

<Dialog
  title="Straighten a page: {paging.editing.store.pageName(page)}"
  class="w-[min(72rem,96vw)]"
  unsaved={changed ? "The page is not straightened this way yet." : ""}
  {onclose}
>
  <p class="quiet text-sm">
    {proposal?.corners
      ? "Velum found the sheet. Drag a corner where it is not quite right."
      : "Drag the corners to those of the sheet."} The file itself is never changed.
  </p>
  <div class="mt-4 grid grid-cols-2 gap-6">
    <figure>
      <figcaption class="field-label">Before</figcaption>
      <div class="grid place-items-center bg-base-300 p-3">
        <div class="w-full" bind:clientWidth={width}>
          {#if before && held}
            <div
              bind:this={sheet}
              class="relative mx-auto select-none"
              style:width="{before.width * scale}px"
              style:height="{before.height * scale}px"
            >
              <Picture
                class="h-full w-full"
                pictures={[[LAPTOP, address(pictures, before, LAPTOP)]]}
                alt="The page as it is in its file"
              />
              <svg
                class="pointer-events-none absolute inset-0 h-full w-full"
                viewBox="0 0 {before.width} {before.height}"
                aria-hidden="true"
              >
                <polygon
                  points={held.map(({ x, y }) => `${x},${y}`).join(" ")}
                  fill="none"
                  stroke="var(--light)"
                  stroke-width={2.5 / scale}
                />
              </svg>
              {#each held as corner, i (i)}
                <button
                  class="absolute grid size-8 -translate-1/2 cursor-move touch-none place-items-center rounded-full"
                  style:left="{corner.x * scale}px"
                  style:top="{corner.y * scale}px"
                  aria-label="{NAMES[i]} corner: arrow keys move it"
                  onpointerdown={(event) => press(event, i)}
                  onkeydown={(event) => onKey(event, i)}
                  onblur={putDown}
                >
                  <span class="size-4 rounded-full border-[3px] border-(--light-edge) bg-white/80"></span>
                </button>
              {/each}
            </div>
          {/if}
        </div>
      </div>
    </figure>
    <figure>
      <figcaption class="field-label">After</figcaption>
      <div class="grid place-items-center bg-base-300 p-3">
        {#if after}
          {@const size = Math.min(width / after.width, most / after.height)}
          <div
            class="paper relative"
            style:width="{after.width * size}px"
            style:height="{after.height * size}px"
          >
            {#key address(pictures, after, LAPTOP)}
              <Picture
                class="page-picture h-full w-full"
                pictures={[[LAPTOP, address(pictures, after, LAPTOP)]]}
                alt="The page straightened"
              />
            {/key}
          </div>
        {/if}
      </div>
    </figure>
  </div>
  {#if problem}
    <p class="mt-3 problem" role="alert">{problem}</p>
  {/if}
  <div class="mt-4 flex flex-wrap items-center gap-3">
    <label class="flex items-center gap-2 font-semibold">
      <input type="checkbox" class="toggle toggle-secondary" bind:checked={whiten} />
      White paper, no shadows
    </label>
    <button class="btn btn-outline btn-sm" onclick={() => (turn = ((turn + 90) % 360) as Page["turn"])}
      >Turn</button
    >
    <button class="btn btn-ghost btn-sm" onclick={asItIs}>As it is in the file</button>
    <span class="flex-1"></span>
    <button class="btn btn-outline" onclick={onclose}>Cancel</button>
    <button class="btn btn-primary" disabled={!shown} onclick={use}>Use it</button>
  </div>
</Dialog>
