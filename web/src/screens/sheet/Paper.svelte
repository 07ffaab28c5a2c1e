<script lang="ts">
  // The pages with the student's film above them. On a phone the page is larger than the screen and moves under it.
  import Square from "@lucide/svelte/icons/square";
  import Volume2 from "@lucide/svelte/icons/volume-2";
  import { onDestroy, onMount, tick } from "svelte";
  import type { Point } from "../../canvas/box";
  import { zoomable } from "../../canvas/pinch";
  import { lookAgainAt, sightOf } from "../../canvas/sight";
  import Laid from "../../fixtures/Laid.svelte";
  import { kindOf, numbersAt, placesOf, type Place } from "../../kinds/student";
  import { kindsOn } from "../../kinds/layers";
  import PagePaper from "../../ui/PagePaper.svelte";
  import { printed } from "../../api/student";
  import { ReadAloud } from "../../ui/read_aloud.svelte";
  import { lettersOnScreen, tabPlaces } from "../../canvas/tab_place";
  import type { Ink } from "../../canvas/ink";
  import type { Prompt } from "../../api/student";
  import Continued from "../../ui/Continued.svelte";
  import AnswerPlace from "./AnswerPlace.svelte";
  import PageSteps from "./PageSteps.svelte";
  import type { Working } from "./working.svelte";

  interface Props {
    working: Working;
    docked: boolean;
    /** Whether a ruler lies over the pages. */
    ruler: boolean;
  }
  let { working, docked, ruler }: Props = $props();

  const ZOOMS = [1, 1.25, 1.5, 2, 3];
  const LARGEST = 3;
  /** The widest that a page is shown at 100 %, and the narrowest that can still be read, in CSS pixels. */
  const WIDEST = 920;
  const NARROWEST = 620;

  let view = $state.raw() as HTMLElement;
  let width = $state(document.documentElement.clientWidth);
  let zoom = $state(1);
  let texts = $state.raw<string[]>([]);

  // Nobody waits for it: the answers come first on a bad connection.
  $effect(() => {
    const asked = setTimeout(() => void printed(working.copy.id).then((found) => (texts = found)), 1500);
    return () => clearTimeout(asked);
  });

  const pages = $derived(working.copy.sheet.pages);
  const scale = $derived.by(() => {
    const widest = Math.max(...pages.map((page) => page.width));
    return (Math.max(NARROWEST, Math.min(WIDEST, width - 48)) / widest) * zoom;
  });

  // On a phone the page is wider than the screen: what is asked first is not to be looked for.
  onMount(() => {
    if (docked && working.current) show(working.current, false);
  });

  const nameOf = (prompt: Prompt, place: Place) => `${prompt.id}/${place.id}`;

  /** Where the numbers of the questions on a page stand. */
  function tabsOn(page: (typeof pages)[number], ink: Ink | undefined) {
    const fields = working.prompts.flatMap((prompt) =>
      placesOf(prompt)
        .filter((place) => place.page === page.id)
        .map((place) => ({
          id: nameOf(prompt, place),
          box: place.box,
          number: numbersAt(prompt, place),
          clear: kindOf(prompt).clear ?? false,
        })),
    );
    const lying = working.copy.sheet.fixtures.flatMap(({ page: on, box }) => (on === page.id ? [box] : []));
    return tabPlaces(fields, { page, scale, letters: lettersOnScreen(), ink, lying });
  }

  /** What was written at length, as it is printed. */
  const written = $derived(
    working.prompts.flatMap((prompt) => {
      const answer = working.answers[prompt.id];
      const paragraphs = answer && kindOf(prompt).paragraphs?.(answer);
      return paragraphs ? [{ field: prompt.id, number: prompt.parts[0]?.number ?? "", paragraphs }] : [];
    }),
  );

  const aloud = new ReadAloud();
  onDestroy(() => aloud.stop());

  /** The page that most is seen of. */
  function pageInView(): number {
    const { top, bottom } = view.getBoundingClientRect();
    const seen = [...view.querySelectorAll(".paper")].map((paper) => {
      const place = paper.getBoundingClientRect();
      return Math.min(bottom, place.bottom) - Math.max(top, place.top);
    });
    return seen.indexOf(Math.max(...seen));
  }

  /** Read what is printed and laid on the page in view. */
  function listen() {
    const i = pageInView();
    const laid = [
      ...(view.querySelectorAll(".paper")[i]?.querySelectorAll<HTMLElement>("[data-fixture]") ?? []),
    ];
    const words = laid.map((fixture) => fixture.querySelector("img")?.alt ?? fixture.innerText);
    aloud.read(`page ${i + 1}`, [texts[i], ...words].join("\n"));
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
  export const find = (question: string): HTMLElement | null =>
    view.querySelector<HTMLElement>(`[data-question="${CSS.escape(question)}"]`) ??
    view.querySelector<HTMLElement>(`[data-questions~="${CSS.escape(question)}"]`);

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

<div class="relative min-h-0">
  <main
    class="isolate h-full overflow-auto"
    bind:this={view}
    bind:clientWidth={width}
    {@attach zoomable({ zoom: (factor, at) => void zoomTo(zoom * factor, at), panning: () => false })}
    onscroll={() => (working.inView = pages[pageInView()]?.id ?? "")}
  >
    <div class="flex w-max min-w-full flex-col items-center gap-5 sm:px-6 sm:py-4">
      {#each pages as page, i (page.id)}
        <PagePaper
          {page}
          pictures="/c/{working.copy.id}/pages/"
          {scale}
          alt="Page {i + 1} of {pages.length}"
          text={texts[i]}
          lazy={i > 0}
        >
          {#snippet children(ink)}
            {@const tabs = tabsOn(page, ink)}
            <Laid
              fixtures={working.copy.sheet.fixtures}
              page={page.id}
              {scale}
              pictures="/c/{working.copy.id}/pictures/"
            />
            {#each working.prompts as prompt (prompt.id)}
              {#each placesOf(prompt) as place (place.id)}
                {#if place.page === page.id}
                  <AnswerPlace
                    {working}
                    {prompt}
                    {place}
                    {scale}
                    tab={tabs.get(nameOf(prompt, place))}
                    {docked}
                    onpick={() => working.current && show(working.current, false)}
                  />
                {/if}
              {/each}
            {/each}
            {#each kindsOn(page, working.prompts, placesOf, kindOf) as [kind, prompts] (kind)}
              {@const Layer = kind.Layer}
              {#if Layer}<div class="pointer-events-none absolute inset-0 z-2">
                  <Layer
                    {page}
                    {scale}
                    {prompts}
                    {docked}
                    readonly={working.readonly}
                    onanswer={(prompt, answer) => working.answer(prompt, answer)}
                    onentry={(prompt, name, entry) => working.change(prompt, name, entry)}
                  />
                </div>{/if}
            {/each}
          {/snippet}
        </PagePaper>
      {/each}
      <Continued texts={written} />
    </div>
  </main>
  {#if ruler}
    {#await import("./reading/Ruler.svelte") then { default: Ruler }}<Ruler over={view} />{/await}
  {/if}
  <div class="absolute start-3 bottom-3 z-6 flex gap-2">
    {#if aloud.able}
      <button
        class="btn h-11 bg-base-100 shadow-md max-sm:w-11 max-sm:p-0"
        onclick={() => (aloud.reading ? aloud.stop() : listen())}
      >
        {#if aloud.reading}
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
