<script lang="ts">
  import type { Schemas } from "../../api/teacher";
  import { kindOf } from "../../kinds/teacher";
  import Laid from "../../fixtures/Laid.svelte";
  import PagePaper from "../../ui/PagePaper.svelte";
  import { numbersOf } from "../../worksheet/numbering";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";

  interface Props {
    review: Schemas["ReviewOut"];
    selected: string | undefined;
    onselect: (fieldId: string) => void;
  }
  let { review, selected, onselect }: Props = $props();

  let width = $state(800);
  const widest = $derived(Math.max(...review.document.pages.map((page) => page.width)));
  const scale = $derived((Math.min(width, 960) - 64) / widest);
  const answers = $derived(
    new Map(review.answers.map(({ field_id, answer }) => [field_id, answer ?? undefined])),
  );
  const numbers = $derived(numbersOf(review.document.fields));
  const marks = $derived(new Map(review.row.marks.map((mark) => [mark.field_id, mark])));
</script>

<div class="flex flex-col items-center gap-6 px-8 py-6" bind:clientWidth={width}>
  {#each review.document.pages as page, i (page.id)}
    <PagePaper {page} pictures="/handouts/{review.handout}/pages/" {scale} alt="Page {i + 1}" lazy={i > 0}>
      <Laid fixtures={review.document.fixtures} page={page.id} {scale} pictures="/pictures/" />
      {#each review.document.fields as field (field.id)}
        {#if field.page === page.id}
          {@const Review = kindOf(field).Review}
          {@const mark = marks.get(field.id)}
          {@const answer = answers.get(field.id)}
          <button
            class="film-field cursor-pointer {selected === field.id
              ? 'z-2 bg-accent/15 outline-[2.5px] outline-accent'
              : kindOf(field).clear
                ? 'bg-transparent!'
                : 'bg-(--sheet)/90'}"
            style:left="{field.box.x * scale}px"
            style:top="{field.box.y * scale}px"
            style:width="{field.box.width * scale}px"
            style:height="{field.box.height * scale}px"
            aria-pressed={selected === field.id}
            aria-label="Question {numbers[field.id]}: {answer
              ? kindOf(field).answerInWords(answer, field)
              : 'blank'}, {mark ? inWords(mark.verdict, mark.tries) : ''}"
            data-field={field.id}
            onclick={() => onselect(field.id)}
          >
            <Review {field} {answer} {scale} />
            {#if mark}
              <span class="absolute -top-2.5 -right-2.5 rounded-full bg-(--sheet) leading-none">
                <VerdictMark verdict={mark.verdict} tries={mark.tries} />
              </span>
            {/if}
          </button>
        {/if}
      {/each}
    </PagePaper>
  {/each}
</div>
