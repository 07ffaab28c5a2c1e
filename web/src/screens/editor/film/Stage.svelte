<script lang="ts">
  // The pages on the light table, one below the other, with their film.
  import Laid from "../../../fixtures/Laid.svelte";
  import { usualSize } from "../fixtures/tools";
  import { Gradually } from "../../../ui/gradually.svelte";
  import PagePaper from "../../../ui/PagePaper.svelte";
  import { printed } from "../../../api/teacher";
  import type { Drawing } from "../pages/drawing.svelte";
  import type { Editing } from "../state/editing.svelte";
  import Film from "./Film.svelte";
  import FoundBar from "../found/FoundBar.svelte";
  import { FoundPlaces } from "../found/found.svelte";
  import KeyFilm from "../key/KeyFilm.svelte";
  import { lookAgainAt, sightOf, type Sight } from "../../../canvas/sight";
  import { onMount, tick } from "svelte";
  import { USUAL_KIND } from "../../../kinds/teacher";
  import { onKey } from "./keys";
  import type { Step } from "../steps";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    step: Step;
    /** What is looked at, and how large: kept while the view is away. */
    view: { zoom: number; sight: Sight | undefined };
    /** A page to show, until it is shown. */
    goTo: string | undefined;
  }
  let { editing, drawing, step, view, goTo = $bindable() }: Props = $props();

  const ZOOMS = [0.5, 0.75, 1, 1.25, 1.5, 2, 3];
  const MARGIN = 24;

  let stage: HTMLDivElement;
  let width = $state(700);
  const zoom = $derived(view.zoom);

  let texts = $state.raw<string[]>([]);
  const pages = $derived(editing.document.pages);
  const built = new Gradually(3, () => editing.document.pages.length);

  $effect(() => {
    // Again when the pages change, or more is found out about them; not at every edit.
    void [pages, drawing.surveyed];
    const asked = setTimeout(() => void printed(editing.id).then((found) => (texts = found)), 500);
    return () => clearTimeout(asked);
  });

  // svelte-ignore state_referenced_locally
  const found = new FoundPlaces(editing);
  $effect(() => {
    // Again when pages are others or shown otherwise, and as more is found out about them.
    void [pages, drawing.surveyed, drawing.done];
    const asked = setTimeout(() => void found.look(), 400);
    return () => clearTimeout(asked);
  });

  const widest = $derived(Math.max(...editing.document.pages.map((page) => page.width)));
  const scale = $derived(((width - MARGIN) / widest) * zoom);

  const papers = () => [...stage.querySelectorAll("[data-page]")];

  onMount(() => {
    // Two frames later the pages are as wide as there is room for.
    const { sight } = view;
    requestAnimationFrame(() => requestAnimationFrame(() => lookAgainAt(stage, papers(), sight)));
  });

  $effect(() => {
    if (!goTo) return;
    document.getElementById(`page-${goTo}`)?.scrollIntoView({ block: "start" });
    goTo = undefined;
  });

  /** Show the pages larger or smaller; what is looked at stays where it is. */
  async function zoomTo(wanted: number) {
    const sight = sightOf(stage, papers());
    view.zoom = wanted;
    await tick();
    lookAgainAt(stage, papers(), sight);
  }

  function zoomBy(by: 1 | -1) {
    const at = ZOOMS.findIndex((value) => value >= zoom);
    void zoomTo(ZOOMS[Math.max(0, Math.min(ZOOMS.length - 1, at + by))] ?? 1);
  }

  /** Lay the picked-up kind in the middle of what is seen. */
  function lay() {
    const sight = sightOf(stage, papers());
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

<svelte:window onkeydown={(event) => step === "film" && onKey(event, { editing, stage, lay })} />

<p id="film-keys" hidden>Arrow keys go from box to box, Space takes one in hand, Enter goes to its slip.</p>
<div class="relative h-full">
  <!-- What lies on the film is gone to with arrow keys, which a screen reader has to leave to it. -->
  <div
    class="isolate h-full overflow-auto"
    onscroll={() => (view.sight = sightOf(stage, papers()))}
    bind:this={stage}
    bind:clientWidth={width}
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
              {#if step === "key"}
                <Laid fixtures={editing.store.fixtures} page={page.id} {scale} pictures="/pictures/" />
                <KeyFilm {editing} {page} {scale} />
              {:else}
                <Film {editing} {found} {page} {scale} {stop} />
              {/if}
            </PagePaper>
          {/if}
        </div>
      {/each}
    </div>
  </div>
  {#if step === "film"}<FoundBar {found} {editing} />{/if}
  <div
    class="absolute end-5 bottom-4 flex items-center rounded-lg bg-base-100 shadow-md"
    role="group"
    aria-label="Zoom"
  >
    <button class="btn btn-ghost btn-sm" aria-label="Smaller" onclick={() => zoomBy(-1)}>−</button>
    <button
      class="btn btn-ghost btn-sm px-1 tabular-nums"
      aria-label="Fit the width, now {Math.round(zoom * 100)} %"
      onclick={() => zoomTo(1)}
    >
      {Math.round(zoom * 100)} %
    </button>
    <button class="btn btn-ghost btn-sm" aria-label="Larger" onclick={() => zoomBy(1)}>+</button>
  </div>
</div>
