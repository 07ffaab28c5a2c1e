<script lang="ts">
  import { covers } from "../../canvas/box";
  import type { Answer, Field, Schemas } from "../../api/teacher";
  import { partsOf, placesOf, refName } from "../../kinds/form";
  import { dressed } from "../../kinds/look";
  import { kindsOn } from "../../kinds/layers";
  import { kindOf, type ReviewedPart } from "../../kinds/teacher";
  import type { Ink } from "../../canvas/ink";
  import { lettersOnScreen, roomFor, tabPlaces } from "../../canvas/tab_place";
  import NumberTab from "../../ui/NumberTab.svelte";
  import Laid from "../../fixtures/Laid.svelte";
  import Continued from "../../ui/Continued.svelte";
  import PagePaper from "../../ui/PagePaper.svelte";
  import { questionsOf } from "../../worksheet/numbering";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";

  interface Props {
    review: Schemas["ReviewOut"];
    selected: string | undefined;
    onselect: (question: string) => void;
  }
  let { review, selected, onselect }: Props = $props();

  let width = $state(800);
  const widest = $derived(Math.max(...review.document.pages.map((page) => page.width)));
  const scale = $derived((Math.min(width, 960) - 64) / widest);
  const answers = $derived(
    new Map(review.answers.map(({ field_id, answer }) => [field_id, answer ?? undefined])),
  );
  const questions = $derived(questionsOf(review.document.fields));
  /** Where the numbers of the questions on a page stand. */
  function tabsOn(page: (typeof review.document.pages)[number], ink: Ink | undefined) {
    const shown = questions.filter(({ field }) => !kindOf(field).numbersItself);
    const fields = shown.flatMap(({ name, field, part, number }) =>
      placesOf(field)
        .filter((place) => place.id === part.place && place.page === page.id)
        .map(({ box }) => ({ id: name, box, number, clear: kindOf(field).clear ?? false })),
    );
    const lying = review.document.fixtures.flatMap(({ page: on, box }) => (on === page.id ? [box] : []));
    return tabPlaces(fields, { page, scale, letters: lettersOnScreen(), ink, lying });
  }

  /** The parts of a field that shows them itself, as they were answered and marked. */
  function partsIn(field: Field, answer: Answer | undefined): ReviewedPart[] {
    return questions
      .filter((question) => question.field === field)
      .map(({ name, part, number }) => {
        const mark = marks.get(name);
        const said = answer && kindOf(field).partInWords?.(answer, part.id);
        const label = said
          ? /* @wc-include */ `Question ${number}: ${said}, ${mark ? inWords(mark.verdict, mark.tries) : ""}`
          : /* @wc-include */ `Question ${number}: blank`;
        return { id: part.id, number, label, mark, selected: selected === name };
      });
  }

  /** What was written at length, as it is printed. */
  const written = $derived(
    questions.flatMap(({ field, number }) => {
      const answer = answers.get(field.id);
      const paragraphs = answer && kindOf(field).paragraphs?.(answer);
      return paragraphs ? [{ field: field.id, number, paragraphs }] : [];
    }),
  );

  /** What covers a page lies under all else there, so that all else can be pressed. */
  const lowestFirst = (page: { width: number; height: number }) =>
    questions.toSorted((a, b) => Number(covers(b.field.box, page)) - Number(covers(a.field.box, page)));

  const marks = $derived(new Map(review.row.marks.map((mark) => [refName(mark), mark])));
</script>

<div class="flex flex-col items-center gap-6 px-8 py-6" bind:clientWidth={width}>
  {#each review.document.pages as page, i (page.id)}
    <PagePaper {page} pictures="/handouts/{review.handout}/pages/" {scale} alt="Page {i + 1}" lazy={i > 0}>
      {#snippet children(ink)}
        {@const tabs = tabsOn(page, ink)}
        <Laid
          fixtures={review.document.fixtures}
          page={page.id}
          {scale}
          pictures="/copies/{review.row.id}/pictures/"
        />
        {#each lowestFirst(page) as { name, field, part, number } (name)}
          {#each placesOf(field).filter((place) => place.id === part.place && place.page === page.id) as place (place.id)}
            {@const { Review, numbersItself } = kindOf(field)}
            {@const style = field.style ?? review.document.style}
            {@const mark = marks.get(name)}
            {@const answer = answers.get(field.id)}
            {#if numbersItself}
              {#if part.id === partsOf(field)[0]?.id}
                <div
                  class="film-field [--field-usual-ink:var(--sheet-ink)] {style.fill === 'film'
                    ? 'bg-(--sheet)/90'
                    : ''}"
                  style:left="{place.box.x * scale}px"
                  style:top="{place.box.y * scale}px"
                  style:width="{place.box.width * scale}px"
                  style:height="{place.box.height * scale}px"
                  data-field={field.id}
                  {@attach dressed(style)}
                >
                  <Review
                    {field}
                    {place}
                    {answer}
                    {style}
                    {scale}
                    parts={partsIn(field, answer)}
                    onpick={(id) => onselect(refName({ field_id: field.id, part: id }))}
                  />
                </div>
              {/if}
            {:else}
              <button
                class="film-field cursor-pointer [--field-usual-ink:var(--sheet-ink)] {selected === name
                  ? `${covers(place.box, page) ? '' : 'z-2'} bg-accent/15 outline-[2.5px] outline-accent`
                  : kindOf(field).clear
                    ? 'bg-transparent!'
                    : style.fill === 'film'
                      ? 'bg-(--sheet)/90'
                      : ''}"
                style:left="{place.box.x * scale}px"
                style:top="{place.box.y * scale}px"
                style:width="{place.box.width * scale}px"
                style:height="{place.box.height * scale}px"
                aria-pressed={selected === name}
                aria-label={answer
                  ? `Question ${number}: ${kindOf(field).answerInWords(answer, field)}, ${mark ? inWords(mark.verdict, mark.tries) : ""}`
                  : `Question ${number}: blank`}
                style:--tab-room={roomFor(tabs.get(name), number)}
                data-field={field.id}
                {@attach dressed(style, kindOf(field).clear)}
                onclick={() => onselect(name)}
              >
                <NumberTab
                  {number}
                  box={place.box}
                  place={tabs.get(name)}
                  {scale}
                  current={selected === name}
                />
                <Review {field} {place} {answer} {style} {scale} parts={[]} onpick={() => undefined} />
                {#if mark}
                  <span class="absolute -top-2.5 -right-2.5 rounded-full bg-(--sheet) leading-none">
                    <VerdictMark verdict={mark.verdict} tries={mark.tries} />
                  </span>
                {/if}
              </button>
            {/if}
          {/each}
        {/each}
        {#each kindsOn(page, review.document.fields, placesOf, kindOf) as [kind, fields] (kind)}
          {@const Layer = kind.ReviewLayer}
          {#if Layer}
            <div class="pointer-events-none absolute inset-0 z-2">
              <Layer {page} {scale} {fields} {answers} style={review.document.style} />
            </div>
          {/if}
        {/each}
      {/snippet}
    </PagePaper>
  {/each}
  <Continued texts={written} />
</div>
