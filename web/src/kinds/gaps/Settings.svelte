<script lang="ts">
  import Folded from "../../ui/Folded.svelte";
  import PartSettings from "../PartSettings.svelte";
  import { withSettled } from "../settled";
  import type { SettingsProps } from "../teacher";
  import { rightText } from "../written_parts";
  import { asList, FILLS, type Fill } from "./fills";
  import type { Gap } from "./passage";
  import { gapToggled, isWhole, MOST_GAPS, problemOf, sourceOf, typed } from "./source";

  let { field, fieldKey, numbers, onchange, onboth }: SettingsProps<"gaps"> = $props();

  let area = $state<HTMLTextAreaElement>();
  /** What stands in the area while it is typed in: a bracket that is opened is a gap only once it is closed. */
  let typing = $state<string>();
  let problem = $state("");
  const source = $derived(sourceOf(field, fieldKey));

  function write(text: string, end = false) {
    problem = problemOf(text);
    // What cannot be taken stands there to be shortened.
    typing = end && !problem ? undefined : text;
    if (!problem && onboth && (end || isWhole(text)) && text !== source)
      onboth((field, key) => typed(field, key, text), true);
  }

  function toggle() {
    if (!area) return;
    const { selectionStart, selectionEnd } = area;
    const text = gapToggled(area.value, selectionStart, selectionEnd);
    write(text);
    area.value = text;
    area.focus();
    area.setSelectionRange(selectionStart, selectionStart);
  }

  function again(id: string) {
    if (!area) return;
    const at = area.selectionEnd;
    const number = field.gaps.findIndex((gap) => gap.id === id) + 1;
    write(`${area.value.slice(0, at)}[=${number}]${area.value.slice(at)}`);
  }

  /** What is right in a gap, as the key says. */
  const wordOf = (id: string) => rightText(fieldKey, id);

  const setGap = (id: string, changed: Partial<Gap>) =>
    onchange((field) => ({
      ...field,
      gaps: field.gaps.map((gap) => (gap.id === id ? { ...gap, ...changed } : gap)),
    }));

  /** Fill a gap in another way. The right word is among those that can be chosen. */
  function setFill(id: string, fill: Fill) {
    const word = wordOf(id);
    onchange((field) => ({
      ...field,
      bank: fill === "bank" && word && !field.bank.includes(word) ? [...field.bank, word] : field.bank,
      gaps: field.gaps.map((gap) =>
        gap.id === id
          ? {
              ...gap,
              fill,
              options:
                fill === "list" && word && !gap.options.includes(word)
                  ? [...gap.options, word].slice(-MOST_OPTIONS)
                  : gap.options,
            }
          : gap,
      ),
    }));
  }

  /** Fill all gaps in one way. */
  function setAll(fill: Fill) {
    for (const { id } of field.gaps) setFill(id, fill);
  }

  const MOST_OPTIONS = 20;
  const alike = $derived(
    field.gaps.every(({ fill }) => fill === field.gaps[0]?.fill) ? field.gaps[0]?.fill : undefined,
  );
</script>

{#if onboth}
  <!-- What is typed stands as it was typed as long as the focus is here: its marked words stay marked. -->
  <div
    onfocusout={({ currentTarget, relatedTarget }) => {
      const leaves = !(relatedTarget instanceof Node && currentTarget.contains(relatedTarget));
      if (leaves && typing !== undefined) write(typing, true);
    }}
  >
    <label class="field-label" for="passage">Passage</label>
    <textarea
      id="passage"
      bind:this={area}
      class="textarea w-full leading-relaxed"
      rows="8"
      dir="auto"
      aria-invalid={problem !== ""}
      value={typing ?? source}
      aria-describedby="passage-help"
      oninput={(event) => write(event.currentTarget.value)}></textarea>
    <div class="mt-1 flex flex-wrap gap-1.5">
      <button class="btn btn-outline btn-sm" disabled={field.gaps.length >= MOST_GAPS} onclick={toggle}
        >Gap or words</button
      >
      {#if field.gaps.length > 0}
        <select
          class="input input-sm w-auto"
          aria-label="The same gap once more"
          value=""
          onchange={(event) => {
            again(event.currentTarget.value);
            event.currentTarget.value = "";
          }}
        >
          <option value="">Once more…</option>
          {#each field.gaps as { id } (id)}<option value={id}>{numbers[id]}: {wordOf(id)}</option>{/each}
        </select>
      {/if}
    </div>
    {#if problem}<p class="mt-1 text-sm font-semibold text-warning" role="alert">{problem}</p>{/if}
    <p id="passage-help" class="quiet mt-1 text-sm">
      What stands in [brackets] is a gap and its right answer: [sea | ocean] has two. Blanks that are pasted
      as ____ or [ ] become gaps.
    </p>
  </div>
{/if}
<label class="block">
  <span class="field-label">Gaps are filled</span>
  <select
    class="input w-full"
    value={alike ?? ""}
    onchange={(event) => event.currentTarget.value && setAll(event.currentTarget.value as Fill)}
  >
    {#if !alike}<option value="">Each as it is set below</option>{/if}
    {#each FILLS as [value, label] (value)}<option {value}>{label}</option>{/each}
  </select>
</label>
{#if field.gaps.some(({ fill }) => fill === "bank")}
  <label class="block">
    <span class="field-label">Word bank, one a line</span>
    <textarea
      class="textarea w-full"
      rows={Math.min(8, field.bank.length + 1)}
      value={field.bank.join("\n")}
      onchange={(event) => {
        const bank = asList(event.currentTarget.value, 2 * MOST_GAPS);
        onchange((field) => ({ ...field, bank }));
      }}></textarea>
  </label>
  <p class="quiet -mt-2 text-sm">Add words that fit nowhere. Students see it in alphabetical order.</p>
{/if}
<Folded title="Each gap">
  {#each field.gaps as gap (gap.id)}
    {@const name = /* @wc-include */ `gap ${numbers[gap.id]}`}
    <fieldset class="mt-3 border-t border-(--hairline) pt-2">
      <legend class="sr-only">{name}</legend>
      <div class="flex items-baseline gap-1.5">
        <b class="flex-none tabular-nums">{numbers[gap.id]}</b>
        <span class="min-w-0 flex-1 truncate" dir="auto">{wordOf(gap.id)}</span>
        <select
          class="input input-sm w-auto"
          aria-label="How {name} is filled"
          value={gap.fill}
          onchange={(event) => setFill(gap.id, event.currentTarget.value as Fill)}
        >
          {#each FILLS as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select>
      </div>
      {#if gap.fill === "list"}
        <textarea
          class="textarea mt-1 w-full"
          rows={Math.max(3, gap.options.length + 1)}
          aria-label="Words to choose from for {name}, one a line"
          value={gap.options.join("\n")}
          onchange={(event) => setGap(gap.id, { options: asList(event.currentTarget.value, MOST_OPTIONS) })}
        ></textarea>
      {/if}
      <PartSettings
        {name}
        settled={field.settled[gap.id]}
        onchange={(settled) => onchange((field) => withSettled(field, gap.id, settled), true)}
      />
    </fieldset>
  {/each}
</Folded>
