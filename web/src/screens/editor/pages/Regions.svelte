<script lang="ts">
  // Regions drawn on a page, with a pointer or with the keyboard.
  import type { Box, Page } from "../../../api/teacher";
  import { between, moved, resized, rounded, type Handle } from "../../../canvas/box";
  import DrawnBox from "../../../canvas/DrawnBox.svelte";
  import { drag, dragOrScroll, mayHold } from "../../../canvas/drag";
  import Handles from "../../../canvas/Handles.svelte";
  import { byKey } from "../../../canvas/keys";
  import { Viewport } from "../../../canvas/viewport";
  import { announce } from "../../../ui/Announcer.svelte";
  import PagePaper from "../../../ui/PagePaper.svelte";

  interface Props {
    page: Page;
    /** What the page is called. */
    name: string;
    /** The address of the pages' pictures. */
    pictures: string;
    regions: readonly Box[];
    /** How many there may be: one more takes the place of the last. */
    most?: number;
  }
  let { page, name, pictures, regions = $bindable(), most = Infinity }: Props = $props();

  /** The smallest region, in points; and the height of one that is laid with the keyboard, as a share of the page. */
  const SMALLEST = 24;
  const SHARE = 0.2;

  let film = $state<HTMLDivElement>();
  let width = $state(600);
  let drawn = $state.raw<Box>();

  const scale = $derived((width - 48) / page.width);
  const view = $derived(new Viewport(() => film as HTMLElement, page, scale));
  const put = (i: number, box: Box) => (regions = regions.map((other, k) => (k === i ? box : other)));

  function press(event: PointerEvent) {
    if (event.button !== 0 || event.target !== film || !film) return;
    const start = view.inside(view.toPage({ x: event.clientX, y: event.clientY }));
    dragOrScroll(event, view, {
      move: (at) => (drawn = between(start, view.inside(at))),
      end: () => {
        if (drawn && drawn.width >= SMALLEST && drawn.height >= SMALLEST) add(drawn);
        drawn = undefined;
      },
      cancel: () => (drawn = undefined),
    });
  }

  function add(box: Box) {
    regions = [...regions.slice(0, most - 1), rounded(box)];
    announce(`Region ${regions.length} added`);
  }

  /** Lay a region below the last one. */
  export function addBelow() {
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
    drag(event, view, {
      move: (_, by) => put(i, handle ? resized(before, handle, by, page) : moved(before, by, page)),
      end: () => undefined,
      cancel: () => put(i, before),
    });
  }

  function onKey(event: KeyboardEvent, i: number) {
    const box = regions[i];
    const to = box && byKey(event, box, page, { small: 5, large: 30 });
    if (!box) return;
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      take(i);
    } else if (to) {
      event.preventDefault();
      put(i, to);
    }
  }
</script>

<div class="min-h-0 flex-1 overflow-y-auto bg-base-300 p-6" bind:clientWidth={width}>
  <PagePaper {page} {pictures} {scale} alt={name} lazy={false}>
    <!-- svelte-ignore a11y_no_static_element_interactions (with the keyboard, regions are added by the button) -->
    <div
      bind:this={film}
      class="absolute inset-0 cursor-crosshair touch-pan-x touch-pan-y"
      onpointerdown={press}
      {@attach mayHold}
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
          <span class="film-tag bg-accent text-accent-content">{i + 1}</span>
          <Handles {box} {scale} onhandle={(event, handle) => pressRegion(event, i, handle)} />
        </div>
      {/each}
      {#if drawn}<DrawnBox box={drawn} {scale} />{/if}
    </div>
  </PagePaper>
</div>
