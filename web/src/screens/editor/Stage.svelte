<script lang="ts">
  // The pages on the light table, one below the other, with their film.
  import Laid from "../../fixtures/Laid.svelte";
  import { usualSize } from "./fixtures/tools";
  import { Gradually } from "../../ui/gradually.svelte";
  import PagePaper from "../../ui/PagePaper.svelte";
  import { printed } from "../../api/teacher";
  import type { Drawing } from "./drawing.svelte";
  import type { Editing } from "./editing.svelte";
  import Film from "./Film.svelte";
  import KeyFilm from "./KeyFilm.svelte";
  import type { Step } from "./steps";

  interface Props {
    editing: Editing;
    drawing: Drawing;
    step: Step;
    /** A page to show; a new object each time it is asked for. */
    goTo: { page: string } | undefined;
  }
  let { editing, drawing, step, goTo }: Props = $props();

  const ZOOMS = [0.5, 0.75, 1, 1.25, 1.5, 2, 3];
  const MARGIN = 56;

  let stage: HTMLDivElement;
  let width = $state(700);
  let zoom = $state(1);

  let texts = $state.raw<string[]>([]);
  const built = new Gradually(3, () => editing.document.pages.length);

  $effect(() => {
    // Again when the pages change, or more is found out about them.
    void [editing.document.pages, drawing.surveyed];
    const asked = setTimeout(() => void printed(editing.id).then((found) => (texts = found)), 500);
    return () => clearTimeout(asked);
  });

  const widest = $derived(Math.max(...editing.document.pages.map((page) => page.width)));
  const scale = $derived(((width - MARGIN) / widest) * zoom);

  $effect(() => {
    if (goTo) document.getElementById(`page-${goTo.page}`)?.scrollIntoView({ block: "start" });
  });

  function zoomBy(by: 1 | -1) {
    const at = ZOOMS.findIndex((value) => value >= zoom);
    zoom = ZOOMS[Math.max(0, Math.min(ZOOMS.length - 1, at + by))] ?? 1;
  }

  /** Lay the picked-up kind in the middle of what is seen. */
  function layInView(event: KeyboardEvent) {
    const typing =
      event.target instanceof HTMLElement &&
      event.target.closest("input, textarea, select, [contenteditable]");
    if (step !== "film" || event.key !== "b" || event.ctrlKey || event.metaKey || typing) return;
    const view = stage.getBoundingClientRect();
    const middle = view.top + view.height / 2;
    const papers = [...stage.querySelectorAll<HTMLElement>("[data-page]")];
    const paper = papers.find((paper) => paper.getBoundingClientRect().bottom >= middle) ?? papers.at(-1);
    const page = editing.document.pages.find((page) => page.id === paper?.dataset["page"]);
    if (!paper || !page) return;
    const y = (middle - paper.getBoundingClientRect().top) / scale;
    const tool = editing.tool ?? "answer_box";
    const { width, height } = usualSize(tool);
    const box = { x: (page.width - width) / 2, y: Math.max(0, y - height / 2), width, height };
    editing.place(tool, page, box);
  }
</script>

<svelte:window onkeydown={layInView} />

<div class="relative h-full">
  <div class="h-full overflow-auto" bind:this={stage} bind:clientWidth={width}>
    <div class="flex w-max min-w-full flex-col items-center gap-6 px-7 py-6">
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
                <Laid fixtures={editing.fixtures} page={page.id} {scale} pictures="/pictures/" />
                <KeyFilm {editing} {page} {scale} />
              {:else}
                <Film {editing} {page} {scale} />
              {/if}
            </PagePaper>
          {/if}
        </div>
      {/each}
    </div>
  </div>
  <div
    class="absolute right-5 bottom-4 flex items-center rounded-lg bg-base-100 shadow-md"
    role="group"
    aria-label="Zoom"
  >
    <button class="btn btn-ghost btn-sm" aria-label="Smaller" onclick={() => zoomBy(-1)}>−</button>
    <button
      class="btn btn-ghost btn-sm px-1 tabular-nums"
      aria-label="{Math.round(zoom * 100)} %, fit the width"
      onclick={() => (zoom = 1)}
    >
      {Math.round(zoom * 100)} %
    </button>
    <button class="btn btn-ghost btn-sm" aria-label="Larger" onclick={() => zoomBy(1)}>+</button>
  </div>
</div>
