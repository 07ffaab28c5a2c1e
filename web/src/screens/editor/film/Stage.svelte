<script lang="ts">
  // The pages on the light table, one below the other, with their film.
  import Expand from "@lucide/svelte/icons/expand";
  import List from "@lucide/svelte/icons/list";
  import MoveHorizontal from "@lucide/svelte/icons/move-horizontal";
  import Laid from "../../../fixtures/Laid.svelte";
  import { usualSize } from "../fixtures/tools";
  import { Gradually } from "../../../ui/gradually.svelte";
  import PagePaper from "../../../ui/PagePaper.svelte";
  import { printed } from "../../../api/teacher";
  import type { Drawing } from "../pages/drawing.svelte";
  import type { Editing } from "../state/editing.svelte";
  import Film from "./Film.svelte";
  import type { FoundPlaces } from "../found/found.svelte";
  import KeyFilm from "../key/KeyFilm.svelte";
  import type { Point } from "../../../canvas/box";
  import { zoomable } from "../../../canvas/pinch";
  import { lookAgainAt, sightOf, type Sight } from "../../../canvas/sight";
  import { fitting, stepped, TRUE_SIZE, within, type Fit } from "../../../canvas/zoom";
  import { types } from "../state/undo_keys";
  import { onMount, tick } from "svelte";
  import { USUAL_KIND } from "../../../kinds/teacher";
  import { onCopy, onPaste } from "./clipboard_keys";
  import { onKey, onSpace } from "./keys";
  import type { Step } from "../steps";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    found: FoundPlaces;
    step: Step;
    /** What is looked at, and how large: kept while the view is away. */
    view: { zoom: number; fit: Fit | null; sight: Sight | undefined };
    /** Show all fields as a list instead. */
    onlist: () => void;
    /** A page to show, until it is shown. */
    goTo: string | undefined;
  }
  let { editing, drawing, found, step, view, onlist, goTo = $bindable() }: Props = $props();

  const MARGIN = 24;
  const FITS = [
    ["width", "Fit the width", MoveHorizontal],
    ["page", "Fit the page", Expand],
  ] as const;

  let stage: HTMLDivElement;
  let width = $state(700);
  let height = $state(600);
  /** While the space bar is held, presses move what is seen. */
  let spaced = $state(false);
  let panned = false;
  const at = $derived(view.sight?.page ?? 0);

  let texts = $state.raw<string[]>([]);
  const pages = $derived(editing.document.pages);
  const built = new Gradually(3, () => editing.document.pages.length);

  $effect(() => {
    // Again when the pages change, or more is found out about them; not at every edit.
    void [pages, drawing.surveyed];
    const asked = setTimeout(() => void printed(editing.id).then((found) => (texts = found)), 500);
    return () => clearTimeout(asked);
  });

  const widest = $derived(pages.reduce((most, page) => (page.width > most.width ? page : most)));
  const scale = $derived(
    view.fit
      ? fitting(view.fit, view.fit === "width" ? widest : (pages[at] ?? widest), {
          width: width - MARGIN,
          height: height - MARGIN,
        })
      : view.zoom * TRUE_SIZE,
  );
  const zoom = $derived(scale / TRUE_SIZE);

  const papersOf = (stage: Element) => [...stage.querySelectorAll("[data-page]")];

  onMount(() => {
    const { sight } = view;
    const look = () => lookAgainAt(stage, papersOf(stage), sight);
    // Two frames later the pages are as wide as there is room for, unless the view is left by then.
    let frame = requestAnimationFrame(() => (frame = requestAnimationFrame(look)));
    return () => cancelAnimationFrame(frame);
  });

  $effect(() => {
    if (!goTo) return;
    document.getElementById(`page-${goTo}`)?.scrollIntoView({ block: "start" });
    goTo = undefined;
  });

  $effect(() => {
    editing.hand.page = pages[at]?.id ?? null;
  });

  // What is printed on the pages that are looked at: what is laid there is brought in line with it.
  $effect(() => {
    for (const page of pages.slice(at, at + 2)) void editing.printed.want(page);
  });

  /** Show the pages otherwise; what is looked at, or is at a point of the window, stays where it is. */
  async function show(changed: Partial<typeof view>, at?: Point) {
    const shown = stage;
    const sight = sightOf(shown, papersOf(shown), at);
    Object.assign(view, changed);
    // The view may be left meanwhile.
    await tick();
    lookAgainAt(shown, papersOf(shown), sight, at);
  }

  const zoomTo = (wanted: number, at?: Point) => void show({ zoom: within(wanted), fit: null }, at);
  const zoomBy = (way: 1 | -1) => zoomTo(stepped(zoom, way));
  const fit = (fit: Fit) => void show({ fit });

  function onkeydown(event: KeyboardEvent) {
    if (event.key === " " && !types(event.target)) {
      if (!event.repeat) panned = false;
      spaced = true;
      // It would scroll the page, and press what has the focus.
      if (step === "film" && isOnFilm(event.target)) event.preventDefault();
      return;
    }
    const held = event.ctrlKey || event.metaKey || event.altKey;
    if (!held && !types(event.target) && isOnFilm(event.target)) {
      const zooming = ZOOM_KEYS[event.key.toLowerCase()];
      if (zooming) {
        event.preventDefault();
        zooming();
        return;
      }
    }
    if (step === "film") onKey(event, { editing, stage, lay });
  }

  const ZOOM_KEYS: Record<string, () => void> = {
    "+": () => zoomBy(1),
    "=": () => zoomBy(1),
    "-": () => zoomBy(-1),
    w: () => fit("width"),
    p: () => fit("page"),
  };

  const isOnFilm = (target: EventTarget | null): boolean =>
    target === document.body || (target instanceof Element && stage.contains(target));

  function onkeyup(event: KeyboardEvent) {
    if (event.key !== " ") return;
    spaced = false;
    if (step === "film" && !panned) onSpace(event, editing, stage);
  }

  /** Lay the picked-up kind in the middle of what is seen. */
  function lay() {
    const sight = sightOf(stage, papersOf(stage));
    const page = sight && editing.document.pages[sight.page];
    if (!page) return;
    const tool = editing.hand.tool ?? USUAL_KIND;
    const { width, height } = usualSize(tool);
    const y = Math.max(0, sight.y * page.height - height / 2);
    editing.place(tool, page, { x: (page.width - width) / 2, y, width, height });
  }

  // The only thing that Tab stops at: what was last gone to, or the first there is.
  const first = $derived(editing.store.fixtures[0]?.id ?? editing.store.fields[0]?.id);
  const stop = $derived(editing.hand.stop && editing.has(editing.hand.stop) ? editing.hand.stop : first);
</script>

<svelte:window {onkeydown} {onkeyup} onblur={() => (spaced = false)} />
<svelte:document
  oncopy={(event) => step === "film" && onCopy(event, editing)}
  oncut={(event) => step === "film" && onCopy(event, editing)}
  onpaste={(event) => step === "film" && onPaste(event, editing)}
/>

<p id="film-keys" hidden>Arrow keys go from box to box, Space takes one in hand, Enter goes to its slip.</p>
<div class="relative h-full">
  <!-- What lies on the film is gone to with arrow keys, which a screen reader has to leave to it. -->
  <div
    class="isolate h-full overflow-auto {spaced ? 'cursor-grab' : ''}"
    onscroll={({ currentTarget: shown }) => (view.sight = sightOf(shown, papersOf(shown)) ?? view.sight)}
    bind:this={stage}
    bind:clientWidth={width}
    bind:clientHeight={height}
    {@attach zoomable({
      zoom: (factor, at) => zoomTo(zoom * factor, at),
      panning: () => {
        panned ||= spaced;
        return spaced;
      },
    })}
    role={step === "film" ? "application" : undefined}
    aria-label={step === "film" ? "Film" : undefined}
    aria-describedby={step === "film" ? "film-keys" : undefined}
  >
    <div class="flex w-max min-w-full flex-col items-center gap-5 p-3">
      {#each editing.document.pages as page, i (page.id)}
        <div
          id="page-{page.id}"
          data-page={page.id}
          class="scroll-mt-4"
          style:width="{page.width * scale}px"
          style:height="{page.height * scale}px"
        >
          {#if i < built.count}
            <PagePaper
              {page}
              pictures="/worksheets/{editing.id}/pages/"
              {scale}
              alt="Page {i + 1}"
              text={texts[i]}
              lazy={i > 0}
              failed={drawing.failed(page)}
              waiting={!drawing.knows(page)}
            >
              {#snippet children(ink)}
                {#if step === "key"}
                  <Laid fixtures={editing.store.fixtures} page={page.id} {scale} pictures="/pictures/" />
                  <KeyFilm {editing} {page} {scale} {ink} />
                {:else}
                  <Film {editing} {found} {page} {scale} {ink} {stop} />
                {/if}
              {/snippet}
            </PagePaper>
          {/if}
        </div>
      {/each}
    </div>
  </div>
  <div
    class="absolute end-5 bottom-4 flex items-center rounded-lg bg-base-100 shadow-md"
    role="group"
    aria-label="Zoom"
  >
    <button class="btn btn-ghost btn-sm" aria-label="Smaller" onclick={() => zoomBy(-1)}>−</button>
    <span class="w-12 text-center text-sm tabular-nums">{Math.round(zoom * 100)} %</span>
    <button class="btn btn-ghost btn-sm" aria-label="Larger" onclick={() => zoomBy(1)}>+</button>
    <span class="mx-0.5 h-5 border-s border-(--line)"></span>
    {#each FITS as [each, label, Icon] (each)}
      <button
        class="btn btn-ghost btn-sm btn-square"
        aria-label={label}
        title={label}
        aria-pressed={view.fit === each}
        onclick={() => fit(each)}><Icon size={16} aria-hidden="true" /></button
      >
    {/each}
    {#if step === "film"}
      <button
        class="btn btn-ghost btn-sm btn-square"
        aria-label="All fields as a list"
        title="All fields as a list"
        onclick={onlist}><List size={16} aria-hidden="true" /></button
      >
    {/if}
  </div>
</div>
