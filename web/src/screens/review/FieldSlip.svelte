<script lang="ts">
  import type { Answer, Field, Key, Schemas } from "../../api/teacher";
  import { LABELS } from "../editor/explaining/help_kinds";
  import { kindOf } from "../../kinds/teacher";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";
  import { list, moment } from "../../words/say";
  import { refName } from "../../kinds/form";
  import { numbersOf, type Question } from "../../worksheet/numbering";

  type Earned = Schemas["OverruleIn"]["earned"];

  interface Props {
    review: Schemas["ReviewOut"];
    /** The question in hand. */
    question: Question | undefined;
    onoverrule: (earned: Earned, note: string) => Promise<void>;
    /** Count the answer as right, for everybody. */
    onaccept: () => Promise<void>;
  }
  let { review, question, onoverrule, onaccept }: Props = $props();

  let note = $state("");
  let other = $state("");
  let wrong = $state(false);

  const field = $derived(question?.field);
  const fieldId = $derived(field?.id);
  const part = $derived(question?.part.id);
  const mark = $derived(review.row.marks.find((mark) => refName(mark) === question?.name));
  const given = $derived(review.answers.find((answer) => answer.field_id === fieldId));
  const answer = $derived(given?.answer);
  const late = $derived(review.late.filter((answer) => answer.field_id === fieldId));
  const lateNumbers = $derived([...new Set(review.late.map(({ field_id }) => numbers[field_id] ?? ""))]);
  const key = $derived(fieldId ? review.document.keys[fieldId] : undefined);
  /** What is right in the part in hand. */
  function keyInWords(key: Key): string {
    if (!field) return "";
    const { partKeyInWords, keyInWords } = kindOf(field);
    return partKeyInWords && part ? partKeyInWords(key, part) : keyInWords(key, field);
  }
  const record = $derived(
    review.record.filter((ruling) => ruling.field_id === fieldId && ruling.part === part).reverse(),
  );
  const helped = $derived(
    review.help.filter((used) => used.field_id === fieldId && (used.part === null || used.part === part)),
  );
  const numbers = $derived(numbersOf(review.document.fields));
  /** Whether whoever looks may decide, too. */
  const decides = $derived(review.right !== "look");
  const canBeAccepted = $derived(
    Boolean(
      decides &&
      answer &&
      key &&
      kindOf(field as Field).acceptsMore &&
      mark &&
      mark.verdict !== "right" &&
      mark.verdict !== "blank",
    ),
  );

  /** The marks a teacher gives most. */
  const USUAL = [
    ["None", 0],
    ["Half", "half"],
    ["All", "all"],
  ] as const;

  async function decide(earned: Earned) {
    await onoverrule(earned, note.trim());
    note = "";
    other = "";
  }

  function decideOther(event: SubmitEvent) {
    event.preventDefault();
    const earned = Number(other.replace(",", "."));
    wrong = other.trim() === "" || !mark || !(earned >= 0 && earned <= mark.most && (earned * 4) % 1 === 0);
    if (!wrong) void decide(earned);
  }
</script>

{#snippet unreadable(kept: string)}
  <span class="font-semibold text-warning">This answer cannot be shown. It is kept as it is:</span>
  <code class="block text-sm">{kept}</code>
{/snippet}

{#snippet cameLate()}
  {#if field && late.length > 0}
    <div class="mt-4 heed">
      <h3 class="font-sans text-sm font-semibold">Came too late to be handed in</h3>
      <ul class="text-sm">
        {#each late as { answer, kept, typed_at }, i (i)}
          <li class="mt-1 whitespace-pre-wrap" dir="auto">
            {answer ? kindOf(field).answerInWords(answer, field) || "Emptied" : kept}
            <span class="quiet block">{moment(typed_at)}</span>
          </li>
        {/each}
      </ul>
    </div>
  {/if}
{/snippet}

{#snippet said(answer: Answer | null | undefined)}
  {#if answer && field}
    {@const { Beside, answerInWords, partInWords } = kindOf(field)}
    {partInWords && question ? partInWords(answer, question.part.id) || "–" : answerInWords(answer, field)}
    {#if Beside}<Beside {answer} />{/if}
  {:else}–{/if}
{/snippet}

<div class="slip min-h-64 px-5 pt-6 pb-5">
  {#if field && mark}
    <p class="quiet text-sm">{kindOf(field).label}</p>
    <h2 class="text-lg">Question {question?.number}</h2>
    <p class="mt-3 flex items-center gap-2">
      <VerdictMark verdict={mark.verdict} tries={mark.tries} silent />
      <span><b>{mark.earned}</b> of {mark.points} · {inWords(mark.verdict, mark.tries)}</span>
    </p>
    <p class="quiet text-sm" dir={mark.overruled ? "auto" : undefined}>{mark.reason}</p>
    <dl class="mt-4 space-y-3">
      <div>
        <dt class="field-label">Answer</dt>
        <dd class="max-h-48 overflow-y-auto whitespace-pre-wrap" dir="auto">
          {#if given?.kept}{@render unreadable(given.kept)}{:else}
            {@render said(answer)}
          {/if}
        </dd>
      </div>
      <div>
        <dt class="field-label">Right answer</dt>
        <dd class="whitespace-pre-wrap" dir="auto">
          {(key && keyInWords(key)) || "None set"}
        </dd>
      </div>
    </dl>
    {#if helped.length > 0}
      <div class="mt-4">
        <h3 class="font-sans text-sm font-semibold" id="helped">Help that was asked for</h3>
        <ul class="text-sm" aria-labelledby="helped">
          {#each helped as { kind, cost, at }, i (i)}
            <li>
              {LABELS[kind]}{#if cost > 0}, takes {cost} %{/if}
              <span class="quiet">{moment(at)}</span>
            </li>
          {/each}
        </ul>
      </div>
    {/if}
    {#if canBeAccepted}
      <button class="btn btn-outline btn-sm mt-3" onclick={onaccept}
        >Count this answer as right for everybody</button
      >
    {/if}
    {@render cameLate()}
    {#if decides}<div class="mt-5 border-t border-(--hairline) pt-4">
        <h3 class="font-sans text-sm font-semibold">Your mark</h3>
        <label class="field-label mt-2" for="note">Why (optional)</label>
        <input id="note" class="input w-full" maxlength="500" bind:value={note} />
        <div class="mt-3 flex flex-wrap items-center gap-2" role="group" aria-label="Points you give">
          {#each USUAL as [label, earned] (label)}
            <button class="btn btn-outline btn-sm" onclick={() => decide(earned)}>{label}</button>
          {/each}
          <form class="flex items-center gap-1" onsubmit={decideOther}>
            <input
              class="input input-sm w-16 tabular-nums"
              inputmode="decimal"
              aria-label="Other points"
              aria-invalid={wrong}
              bind:value={other}
            />
            <button class="btn btn-ghost btn-sm">Give</button>
          </form>
        </div>
        {#if wrong}<p class="mt-2 text-sm font-semibold text-warning" role="alert">
            From 0 to {mark.points}, in quarters.
          </p>{/if}
        {#if mark.overruled}
          <button class="btn btn-ghost btn-sm mt-2" onclick={() => decide(null)}>Back to Velum's mark</button>
        {/if}
      </div>{/if}
    {#if record.length > 0}
      <div class="mt-5 border-t border-(--hairline) pt-4">
        <h3 class="font-sans text-sm font-semibold">Record</h3>
        <ol class="mt-1 space-y-2 text-sm">
          {#each record as ruling (ruling.at)}
            <li>
              <b>{ruling.earned === null ? "Back to Velum's mark" : `${ruling.earned} of ${mark.points}`}</b>
              {#if ruling.note}· {ruling.note}{/if}
              <span class="quiet block">{ruling.by}, {moment(ruling.at)}</span>
            </li>
          {/each}
        </ol>
      </div>
    {/if}
  {:else if field}
    <p class="quiet text-sm">{kindOf(field).label}</p>
    <h2 class="text-lg">Question {question?.number}</h2>
    <p class="quiet mt-2">It has no points: an opinion, which is not marked.</p>
    <p class="mt-3 max-h-80 overflow-y-auto whitespace-pre-wrap" dir="auto">
      {#if given?.kept}{@render unreadable(given.kept)}{:else}
        {@render said(answer)}
      {/if}
    </p>
    {@render cameLate()}
  {:else}
    <h2 class="text-lg">Marks of {review.row.name}</h2>
    <p class="quiet mt-2">
      {#if decides}Press a box on the page to see why it was marked so, and to change it.{:else}Press a box on
        the page to see why it was marked so.{/if}
    </p>
    {#if review.late.length > 0}
      <p class="mt-3 heed">
        {lateNumbers.length === 1
          ? `Answers to question ${lateNumbers[0]} came too late to be handed in.`
          : `Answers to questions ${list(lateNumbers)} came too late to be handed in.`}
        They are kept, and are no part of the marks.
      </p>
    {/if}
  {/if}
</div>
