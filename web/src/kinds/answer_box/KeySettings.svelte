<script lang="ts">
  // What else counts as right, by what answers are compared, and a place to try some.
  import { teacher, type Schemas } from "../../api/teacher";
  import Folded from "../../ui/Folded.svelte";
  import VerdictMark, { inWords } from "../../ui/VerdictMark.svelte";
  import type { KeySettingsProps } from "../teacher";
  import { NAMES, plain, WORD_RULES, type By } from "./comparisons";
  import AddText from "./AddText.svelte";
  import NumberRules from "./NumberRules.svelte";
  import RefusedAnswers from "./RefusedAnswers.svelte";

  let { fieldKey, settings, onkey }: KeySettingsProps<"answer_box"> = $props();

  /** Milliseconds after the last letter before answers are tried. */
  const PAUSE = 250;
  const MOST = 100;

  let tried = $state.raw<Schemas["TryingOut"]>();
  let answer = $state("");

  const comparison = $derived(fieldKey.comparison ?? null);
  const by = $derived<By>(comparison?.by ?? tried?.guessed.by ?? "words");
  /** What is set, or what the guess would set: changing any of it makes it the teacher's own. */
  const rules = $derived(comparison ?? plain(by));

  $effect(() => {
    const body = { key: fieldKey, settings, answers: answer.trim() ? [answer] : [] };
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

  function accept(text: string) {
    const also = [...fieldKey.also, text.trim()];
    if (text.trim() && also.length <= MOST) onkey({ ...fieldKey, also: [...new Set(also)] });
  }
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
    {#if fieldKey.also.length > 0}
      <ul class="mb-2 flex flex-wrap gap-1.5" aria-label="Also right">
        {#each fieldKey.also as text (text)}
          <li class="flex items-center rounded-full bg-base-200 ps-3 text-sm">
            <span class="break-words">{text}</span>
            <button
              class="btn btn-circle btn-ghost btn-xs"
              aria-label="{text} is not right"
              onclick={() => onkey({ ...fieldKey, also: fieldKey.also.filter((other) => other !== text) })}
              >×</button
            >
          </li>
        {/each}
      </ul>
    {/if}
    <AddText label="Another right answer" onadd={accept} />
    {#if tried && tried.proposals.length > 0}
      <p class="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
        <span class="quiet">Perhaps also:</span>
        {#each tried.proposals as text (text)}
          <button class="btn btn-outline btn-xs" onclick={() => accept(text)}>+ {text}</button>
        {/each}
      </p>
    {/if}
  </div>
  <RefusedAnswers refused={fieldKey.refused} onrefused={(refused) => onkey({ ...fieldKey, refused })} />
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
