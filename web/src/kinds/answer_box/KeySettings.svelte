<script lang="ts">
  // What else counts as right, by what answers are compared, and a place to try some.
  import { teacher, type Schemas } from "../../api/teacher";
  import Folded from "../../ui/Folded.svelte";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";
  import { list } from "../../words/say";
  import type { KeySettingsProps } from "../teacher";
  import { EXPRESSION_FORMS, NAMES, PARTS, plain, WORD_RULES, type By } from "./comparisons";
  import AcceptedAnswers from "./AcceptedAnswers.svelte";
  import FollowsOn from "./FollowsOn.svelte";
  import NumberRules from "./NumberRules.svelte";
  import RefusedAnswers from "./RefusedAnswers.svelte";

  let { fieldKey, settings, earlier, onkey }: KeySettingsProps<"answer_box"> = $props();

  /** Milliseconds after the last letter before answers are tried. */
  const PAUSE = 250;

  let tried = $state.raw<Schemas["TryingOut"]>();
  let answer = $state("");
  let accepted = $state<AcceptedAnswers>();

  const comparison = $derived(fieldKey.comparison ?? null);
  const by = $derived<By>(comparison?.by ?? tried?.guessed.by ?? "words");
  /** What is set, or what the guess would set: changing any of it makes it the teacher's own. */
  const rules = $derived(comparison ?? plain(by));

  /** Two other ways to write the key that are right by it: what it was taken for, said by example. */
  const rightToo = $derived((tried?.examples ?? []).filter(({ verdict }) => verdict === "right").slice(0, 2));

  $effect(() => {
    const keys = earlier.flatMap(({ id, key }) =>
      key.kind === "answer_box" && fieldKey.follows?.rule.includes(`{${id}}`) ? [[id, key] as const] : [],
    );
    const answers = answer.trim() ? [answer] : [];
    const body = { key: fieldKey, settings, earlier: Object.fromEntries(keys), answers };
    let late = false;
    const asked = setTimeout(() => {
      void teacher.POST("/api/trying", { body }).then(({ data }) => {
        if (data && !late) tried = data;
      });
    }, PAUSE);
    return () => {
      late = true;
      clearTimeout(asked);
    };
  });
</script>

{#snippet row(one: Schemas["Tried"])}
  <VerdictMark verdict={one.verdict} silent />
  <span class="min-w-0">
    <span class="font-semibold break-words whitespace-pre-wrap">{one.answer}</span>
    <span class="quiet block text-sm"><span class="sr-only">{inWords(one.verdict)}: </span>{one.reason}</span>
  </span>
{/snippet}

<div class="mt-4 space-y-4">
  <div>
    <label class="block">
      <span class="field-label">Try an answer</span>
      <input class="input w-full" autocomplete="off" spellcheck="false" bind:value={answer} />
    </label>
    <div class="mt-2" role="status" aria-label="What would be said of it">
      {#each tried?.answers ?? [] as one (one.answer)}
        <p class="flex gap-2">{@render row(one)}</p>
      {/each}
    </div>
  </div>

  <div>
    <p class="field-label">Also right</p>
    <AcceptedAnswers bind:this={accepted} {fieldKey} {onkey} />
    {#if tried && tried.proposals.length > 0}
      <p class="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
        <span class="quiet">Perhaps also:</span>
        {#each tried.proposals as text (text)}
          <button class="btn btn-outline btn-xs" onclick={() => accepted?.accept(text)}>+ {text}</button>
        {/each}
      </p>
    {/if}
  </div>
  <RefusedAnswers refused={fieldKey.refused} onrefused={(refused) => onkey({ ...fieldKey, refused })} />
  {#if earlier.length > 0 || fieldKey.follows}
    <FollowsOn
      follows={fieldKey.follows ?? null}
      comesTo={tried?.follows ?? null}
      text={fieldKey.text}
      {earlier}
      onfollows={(follows) => onkey({ ...fieldKey, follows })}
    />
  {/if}
  {#if comparison === null}
    <!-- As high before it is known: what stands below is not pushed away under the pointer. -->
    <p class="quiet min-h-[3lh] text-sm" data-testid="taken-for">
      {NAMES[by]}{#if rightToo.length > 0}: {list(rightToo.map(({ answer }) => answer))} too{/if}.
      {#if tried?.second}
        {@const second = tried.second.by}
        <button class="underline" onclick={() => onkey({ ...fieldKey, comparison: plain(second) })}
          >Take it for: {NAMES[second]}</button
        >
      {/if}
    </p>
  {/if}
  <Folded title="Compared as: {NAMES[by]}" open={comparison !== null}>
    <div class="space-y-4">
      <label class="block">
        <span class="field-label">Compared as</span>
        <select
          class="input w-full"
          value={comparison ? by : ""}
          onchange={(event) => {
            const chosen = event.currentTarget.value as By | "";
            onkey({ ...fieldKey, comparison: chosen ? plain(chosen) : null });
          }}
        >
          <option value="">{tried ? `As it looks: ${NAMES[tried.guessed.by]}` : "As it looks"}</option>
          {#each Object.entries(NAMES) as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select>
      </label>
      {#if rules.by === "words"}
        <fieldset class="space-y-1.5">
          <legend class="sr-only">What counts in words</legend>
          {#each WORD_RULES as [name, label] (name)}
            <label class="flex items-start gap-2 text-sm">
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                checked={rules[name]}
                onchange={() => onkey({ ...fieldKey, comparison: { ...rules, [name]: !rules[name] } })}
              />{label}
            </label>
          {/each}
        </fieldset>
        <label class="block">
          <span class="field-label">Points for parts</span>
          <select
            class="input w-full"
            value={rules.parts}
            onchange={(event) => {
              const parts = event.currentTarget.value as typeof rules.parts;
              onkey({ ...fieldKey, comparison: { ...rules, parts } });
            }}
          >
            {#each PARTS as [value, label] (value)}<option {value}>{label}</option>{/each}
          </select>
        </label>
      {:else if rules.by === "number"}
        <NumberRules
          {rules}
          text={fieldKey.text}
          hasUnit={tried?.has_unit ?? false}
          onrules={(comparison) => onkey({ ...fieldKey, comparison })}
        />
      {:else if rules.by === "ratio"}
        <label class="flex items-center gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={rules.lowest_terms}
            onchange={() =>
              onkey({ ...fieldKey, comparison: { ...rules, lowest_terms: !rules.lowest_terms } })}
          />In lowest terms
        </label>
      {:else if rules.by === "formula"}
        <label class="flex items-center gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={rules.states === "asked"}
            onchange={() =>
              onkey({
                ...fieldKey,
                comparison: { ...rules, states: rules.states === "asked" ? "ignored" : "asked" },
              })}
          />States such as (aq) count
        </label>
      {:else if rules.by === "expression"}
        <label class="flex items-center gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={rules.same_form}
            onchange={() => onkey({ ...fieldKey, comparison: { ...rules, same_form: !rules.same_form } })}
          />In the same form
        </label>
        <label class="block">
          <span class="field-label">Written as</span>
          <select
            class="input w-full"
            value={rules.form}
            onchange={(event) => {
              const form = event.currentTarget.value as typeof rules.form;
              onkey({ ...fieldKey, comparison: { ...rules, form } });
            }}
          >
            {#each EXPRESSION_FORMS as [value, label] (value)}<option {value}>{label}</option>{/each}
          </select>
        </label>
      {/if}
    </div>
  </Folded>
  {#if tried && tried.examples.length > 0}
    <p class="field-label mt-3">For example</p>
    <ul class="space-y-1.5" aria-label="Examples">
      {#each tried.examples as one (one.answer)}
        <li class="flex gap-2">{@render row(one)}</li>
      {/each}
    </ul>
  {/if}
</div>
