<script lang="ts">
  // The pages with the student's film above them. On a phone the page is larger than the screen and moves under it.
  import Square from "@lucide/svelte/icons/square";
  import Volume2 from "@lucide/svelte/icons/volume-2";
  import { flushSync, onMount, tick } from "svelte";
  import type { Point } from "../../canvas/box";
  import { zoomable } from "../../canvas/pinch";
  import { lookAgainAt, sightOf } from "../../canvas/sight";
  import { kindOf, placesOf } from "../../kinds/student";
  import Continued from "../../ui/Continued.svelte";
  import { Gradually } from "../../ui/gradually.svelte";
  import { cropOf, scaleOf } from "./one";
  import type InstructedPart from "./instructions/Instructed.svelte";
  import { inLanguage, type Listening } from "./listening/listening.svelte";
  import type { ReadingSettings } from "./reading/reading.svelte";
  import PageSteps from "./PageSteps.svelte";
  import SheetPage from "./SheetPage.svelte";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    docked: boolean;
    /** Whether the question in hand alone is shown. */
    single: boolean;
    listening: Listening;
    reading: ReadingSettings;
    /** Shows instructions; loaded for a sheet that has some. */
    Instructed: typeof InstructedPart | undefined;
  }
  let { working, docked, single, listening, reading, Instructed }: Props = $props();

  /** What the instructions of the worksheet itself are found by; those of a page, by its id. */
  const WORKSHEET = "";
  const ZOOMS = [1, 1.25, 1.5, 2, 3];
  const LARGEST = 3;
  /** The widest that a page is shown at 100 %, and the narrowest that can still be read, in CSS pixels. */
  const WIDEST = 920;
  const NARROWEST = 620;

  let view = $state.raw() as HTMLElement;
  let width = $state(document.documentElement.clientWidth);
  let zoom = $state(1);
  let height = $state(0);
  let printing = $state(false);

  const pages = $derived(working.copy.sheet.pages);
  /** What is shown of a page while the question in hand alone is: it, and what is printed about it. */
  const crop = $derived.by(() => {
    const { question } = working;
    if (!single || printing || !question) return undefined;
    const { prompt, part } = question;
    const places = placesOf(prompt);
    const place = places.find(({ id }) => id === part.place) ?? places[0];
    const page = pages.find(({ id }) => id === place?.page);
    if (!place || !page) return undefined;
    const own = kindOf(prompt).direct ? places.filter((each) => each.page === page.id) : [place];
    const asked = listening.printedAbout(question);
    const box = cropOf([...own.map(({ box }) => box), ...(asked ? [asked.box] : [])], page);
    return { page: page.id, box, words: asked?.text ?? "" };
  });
  const seen = $derived(pages.filter(({ id }) => !crop || crop.page === id));
  /** Pages whose fields are laid: what is seen first is not to wait for the others. */
  const laid = new Gradually(1, () => pages.length, 1);
  const inHand = $derived(
    new Set(working.question ? placesOf(working.question.prompt).map(({ page }) => page) : []),
  );
  const scale = $derived.by(() => {
    if (crop) return scaleOf(crop.box, { width, height }) * zoom;
    const widest = Math.max(...pages.map((page) => page.width));
    return (Math.max(NARROWEST, Math.min(WIDEST, width - 48)) / widest) * zoom;
  });

  // On a phone the page is wider than the screen: what is asked first is not to be looked for.
  onMount(() => {
    if (docked && working.current) show(working.current, false);
  });

  $effect(() => {
    if (crop) working.inView = crop.page;
  });

  /** All pages are printed, whatever the screen shows. */
  function print(begins: boolean) {
    printing = begins;
    laid.finish();
    flushSync();
  }

  /** What was written at length, as it is printed. */
  const written = $derived(
    working.prompts.flatMap((prompt) => {
      const answer = working.answers[prompt.id];
      const paragraphs = answer && kindOf(prompt).paragraphs?.(answer);
      return paragraphs ? [{ field: prompt.id, number: prompt.parts[0]?.number ?? "", paragraphs }] : [];
    }),
  );

  /** What the teacher says beside the pages, as it is printed. */
  const said = $derived(
    Object.entries(working.copy.sheet.instructions).flatMap(([about, instructions]) => {
      const paragraphs = inLanguage(instructions, reading.now.language)?.paragraphs ?? [];
      const heading =
        about === WORKSHEET
          ? /* @wc-include */ "Instructions"
          : /* @wc-include */ `Instructions of page ${pages.findIndex(({ id }) => id === about) + 1}`;
      return paragraphs.length > 0 ? [{ name: about, heading, paragraphs }] : [];
    }),
  );

  /** The page that most is seen of, counted from 0. */
  function pageInView(): number {
    const { top, bottom } = view.getBoundingClientRect();
    const heights = [...view.querySelectorAll(".paper")].map((paper) => {
      const place = paper.getBoundingClientRect();
      return Math.min(bottom, place.bottom) - Math.max(top, place.top);
    });
    const most = seen[heights.indexOf(Math.max(...heights))];
    return most ? pages.indexOf(most) : 0;
  }

  /** Show the pages larger or smaller; what is looked at, or lies at a point of the window, stays where it is. */
  async function zoomTo(wanted: number, at?: Point) {
    const shown = view;
    const papers = () => [...shown.querySelectorAll(".paper")];
    const sight = sightOf(shown, papers(), at);
    zoom = Math.max(1, Math.min(LARGEST, wanted));
    // The view may be left meanwhile.
    await tick();
    lookAgainAt(shown, papers(), sight, at);
  }

  const larger = $derived(ZOOMS.find((each) => each > zoom + 0.01));
  const smaller = $derived(ZOOMS.findLast((each) => each < zoom - 0.01));

  /** Where a question is answered on the pages. */
  export function find(question: string): HTMLElement | null {
    const found = () =>
      view.querySelector<HTMLElement>(`[data-question="${CSS.escape(question)}"]`) ??
      view.querySelector<HTMLElement>(`[data-questions~="${CSS.escape(question)}"]`);
    const place = found();
    if (place || !laid.finish()) return place;
    flushSync();
    return found();
  }

  function isSeen(place: HTMLElement): boolean {
    const [here, seen] = [place.getBoundingClientRect(), view.getBoundingClientRect()];
    return here.top < seen.bottom - 40 && here.bottom > seen.top + 40;
  }

  /** Bring a question into view, and the cursor into it. */
  export function show(question: string, focus = true): void {
    const place = find(question);
    if (!place) return;
    const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
    // What is larger than the screen and seen already, as a whole page, stays where it is.
    if (place.clientHeight < view.clientHeight || !isSeen(place))
      place.scrollIntoView({ block: "center", inline: "center", behavior: still ? "auto" : "smooth" });
    if (!focus) return;
    const control = "input, textarea, select, button";
    const first = place.matches(control) ? place : place.querySelector<HTMLElement>(control);
    first?.focus({ preventScroll: true });
  }
</script>

<svelte:window onbeforeprint={() => print(true)} onafterprint={() => print(false)} />

<div class="relative min-h-0">
  <main
    class="isolate h-full overflow-auto"
    bind:this={view}
    bind:clientWidth={width}
    bind:clientHeight={height}
    {@attach zoomable({ zoom: (factor, at) => void zoomTo(zoom * factor, at), panning: () => false })}
    onscroll={() => (working.inView = pages[pageInView()]?.id ?? "")}
  >
    <div
      class="flex w-max min-w-full flex-col items-center gap-5 sm:px-6 sm:py-4 {crop
        ? 'min-h-full justify-center'
        : ''}"
    >
      {#if crop?.words}
        <p
          class="sticky start-0 w-screen px-4 pt-3 text-[calc(1.125rem*var(--letters,1))] whitespace-pre-line"
          dir="auto"
        >
          {crop.words}
        </p>
      {/if}
      {#if working.copy.message && !crop}
        <p
          class="card-paper sticky start-0 w-full max-w-[min(57rem,100vw)] self-center p-4 break-words whitespace-pre-line max-sm:self-start"
        >
          <b>From your teacher:</b> <span dir="auto">{working.copy.message}</span>
        </p>
      {/if}
      {#each seen as page (page.id)}
        {@const at = pages.indexOf(page)}
        {#if !crop && Instructed}
          {#each at === 0 ? [WORKSHEET, page.id] : [page.id] as about (about)}
            {@const instructions = working.copy.sheet.instructions[about] ?? []}
            {#if instructions.length > 0}
              <div
                class="card-paper sticky start-0 w-full max-w-[min(57rem,100vw)] self-center p-4 max-sm:self-start"
              >
                <Instructed
                  name="instructions {about}"
                  label={about === WORKSHEET ? "Instructions" : `Instructions of page ${at + 1}`}
                  {instructions}
                  {listening}
                  {reading}
                />
              </div>
            {/if}
          {/each}
        {/if}
        <SheetPage
          {working}
          {page}
          {at}
          {scale}
          {docked}
          part={crop?.box}
          bare={at >= laid.count && !inHand.has(page.id)}
          {listening}
          onpick={() => working.current && show(working.current, false)}
        />
      {/each}
      <Continued texts={written} instructions={said} />
    </div>
  </main>
  {#if reading.now.ruler}
    {#await import("./reading/Ruler.svelte") then { default: Ruler }}<Ruler over={view} />{/await}
  {/if}
  <div class="absolute start-3 bottom-3 z-6 flex gap-2">
    {#if listening.aloud.able && !single}
      <button
        class="btn h-11 bg-base-100 shadow-md max-sm:w-11 max-sm:p-0"
        onclick={() => (listening.page === null ? listening.readPage(pageInView()) : listening.stop())}
      >
        {#if listening.page !== null}
          <Square size={18} aria-hidden="true" /><span class="max-sm:sr-only">Stop reading</span>
        {:else}
          <Volume2 size={20} aria-hidden="true" /><span class="max-sm:sr-only">Read this page to me</span>
        {/if}
      </button>
    {/if}
    <PageSteps {working} page={working.inView} />
  </div>
  <div
    class="absolute end-3 bottom-3 z-6 flex items-center rounded-lg bg-base-100 shadow-md"
    role="group"
    aria-label="Size of the page"
  >
    <button
      class="btn btn-ghost size-11 text-lg"
      aria-label="Smaller"
      disabled={smaller === undefined}
      onclick={() => smaller && zoomTo(smaller)}>−</button
    >
    <button
      class="btn btn-ghost size-11 text-lg"
      aria-label="Larger"
      disabled={larger === undefined}
      onclick={() => larger && zoomTo(larger)}>+</button
    >
  </div>
</div>
