<script lang="ts">
  // A copy as its student left it, with the key and the marks; the teacher may overrule a mark.
  import { take, sentenceOf } from "../../api/failure";
  import { teacher, type Schemas } from "../../api/teacher";
  import Announcer, { announce } from "../../ui/Announcer.svelte";
  import { setStudentName } from "../../fixtures/student_name";
  import { setPicturePlace } from "../../ui/picture_place";
  import Logo from "../../ui/Logo.svelte";
  import { moment, plural } from "../../words/say";
  import { refName } from "../../kinds/form";
  import { questionsOf } from "../../worksheet/numbering";
  import FieldSlip from "./FieldSlip.svelte";
  import { setAnswerFiles } from "../../kinds/answer_files";
  import ReviewPages from "./ReviewPages.svelte";

  let { begun }: { begun: Schemas["ReviewOut"] } = $props();

  setAnswerFiles((file) => `/copies/${review.row.id}/files/${file}/`);

  // svelte-ignore state_referenced_locally
  let review = $state.raw(begun);
  // svelte-ignore state_referenced_locally
  setStudentName(begun.row.name);
  // svelte-ignore state_referenced_locally
  setPicturePlace(`/copies/${begun.row.id}/pictures/`);
  // svelte-ignore state_referenced_locally
  const waiting = begun.row.marks.find((mark) => mark.verdict === "teacher");
  /** The name of the question in hand. */
  let selected = $state<string | undefined>(waiting && refName(waiting));
  let problem = $state("");

  const row = $derived(review.row);
  const question = $derived(questionsOf(review.document.fields).find(({ name }) => name === selected));
  const params = $derived({ path: { copy_id: row.id } });
  const standing = $derived(
    row.handed_in_at ? `Handed in ${moment(row.handed_in_at)}` : row.saved_at ? "Still working" : "Not begun",
  );

  async function overrule(earned: Schemas["OverruleIn"]["earned"], note: string) {
    if (!question) return;
    const ref = { field_id: question.field.id, part: question.part.id };
    await attempt(async () => {
      const body = { ...ref, earned, note };
      review = await take(teacher.POST("/api/copies/{copy_id}/overrules", { params, body }));
      announce("Mark changed");
    });
  }

  async function accept() {
    if (!question) return;
    const body = { field_id: question.field.id, part: question.part.id };
    await attempt(async () => {
      const accepted = await take(teacher.POST("/api/copies/{copy_id}/accepted", { params, body }));
      review = accepted.review;
      announce(
        plural(accepted.changed, [
          "Accepted for everybody. # mark is another now.",
          "Accepted for everybody. # marks are others now.",
        ]),
      );
    });
  }

  async function letGoOn() {
    await attempt(async () => {
      review = await take(teacher.POST("/api/copies/{copy_id}/let-go-on", { params }));
    });
  }

  async function attempt(work: () => Promise<void>) {
    problem = "";
    try {
      await work();
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<Announcer />
<div class="grid h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr] overflow-hidden">
  <header class="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-3">
    <Logo />
    <div class="min-w-0 flex-1 basis-60">
      <h1 class="truncate text-xl" dir="auto">{row.name}</h1>
      <p class="quiet text-sm">
        <a href="/handouts/{review.handout}/" dir="auto">{review.document.title}</a> · {standing}
        {#if review.return_code}· return code <bdi translate="no">{review.return_code}</bdi>{/if}
      </p>
    </div>
    {#if problem}<p class="font-semibold text-warning" role="alert">{problem}</p>{/if}
    <p class="font-serif text-2xl font-semibold tabular-nums" data-testid="total">
      {row.total} <span class="quiet font-sans text-base font-normal">of {review.points}</span>
    </p>
    {#if row.handed_in_at && review.right !== "look"}
      <button class="btn btn-outline btn-sm" onclick={letGoOn}>Let {row.name} go on</button>
    {/if}
    <nav class="flex gap-1" aria-label="Other students">
      {#if review.previous}<a class="btn btn-ghost btn-sm" href="/copies/{review.previous}/">Previous</a>{/if}
      {#if review.next}<a class="btn btn-ghost btn-sm" href="/copies/{review.next}/">Next student</a>{/if}
    </nav>
  </header>
  <div class="grid min-h-0 grid-cols-[1fr_19rem] gap-4 px-5">
    <main class="min-h-0 overflow-auto rounded-t-lg bg-base-200">
      <ReviewPages {review} {selected} onselect={(name) => (selected = name)} />
    </main>
    <aside class="min-h-0 overflow-y-auto pb-5" aria-label="The box in hand">
      {#key selected}
        <FieldSlip {review} {question} onoverrule={overrule} onaccept={accept} />
      {/key}
    </aside>
  </div>
</div>
