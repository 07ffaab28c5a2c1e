<script lang="ts">
  // A key that the teacher has already, matched to the fields and set once it is confirmed.
  import { plural } from "../../../words/say";
  import { take, sentenceOf } from "../../../api/failure";
  import { teacher, type Edit, type Key, type Schemas } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import Dialog from "../../../ui/Dialog.svelte";
  import type { Editing } from "../state/editing.svelte";

  interface Props {
    editing: Editing;
    /** The field where a key without numbers begins. */
    start: string | undefined;
    onclose: () => void;
  }
  let { editing, start, onclose }: Props = $props();

  const PAUSE = 250;
  const LONGEST = 20_000;

  let text = $state("");
  let pasted = $state.raw<Schemas["Pasted"]>();
  let problem = $state("");

  $effect(() => {
    const body = { text, start: start ?? null };
    let late = false;
    const asked = setTimeout(() => void match(body, () => late), PAUSE);
    return () => {
      late = true;
      clearTimeout(asked);
    };
  });

  async function match(body: Schemas["PastedIn"], late: () => boolean) {
    problem = "";
    try {
      await editing.store.allSaved();
      const params = { path: { worksheet_id: editing.id } };
      const found = await take(teacher.POST("/api/worksheets/{worksheet_id}/pasted-key", { params, body }));
      if (!late()) pasted = found;
    } catch (failure) {
      if (!late()) problem = sentenceOf(failure);
    }
  }

  const rows = $derived(
    (pasted?.matches ?? []).flatMap((match) => {
      const field = editing.store.fields.find(({ id }) => id === match.field_id);
      return field ? [{ ...match, field, before: editing.document.keys[field.id] }] : [];
    }),
  );
  const fitting = $derived(rows.filter((row) => row.key));

  function set() {
    const edits = fitting.map(({ field, key, before }): Edit => {
      return {
        op: "set_key",
        field_id: field.id,
        key: kindOf(field).pasted?.(key as Key, before) ?? (key as Key),
      };
    });
    editing.do({ label: plural(edits.length, ["Key of # set", "Key of # set"]), edits });
    onclose();
  }
</script>

<Dialog
  title="Paste a key"
  class="w-[min(44rem,94vw)]"
  unsaved={text.trim() ? "The answers of this key are not set yet." : ""}
  {onclose}
>
  <p class="quiet mt-1">
    A numbered text such as <b>1. C 2. A 3. 4,750</b>, a list, two columns of a spreadsheet, or a run of
    letters such as
    <b>C A B D</b>.
  </p>
  <textarea
    class="input mt-3 block h-28 w-full py-2 leading-snug"
    aria-label="The key you have"
    maxlength={LONGEST}
    spellcheck="false"
    bind:value={text}></textarea>
  {#if problem}<p class="mt-3 font-semibold text-warning" role="alert">{problem}</p>{/if}
  <div role="status" class="mt-4">
    {#if text.trim() && pasted && rows.length === 0}
      <p>No question is found for this. Write the numbers of the questions in front of their answers.</p>
    {:else if rows.length > 0}
      <div class="max-h-[38dvh] overflow-y-auto">
        <table class="w-full text-start">
          <thead class="quiet text-sm"
            ><tr><th class="w-14 py-1">No.</th><th>Pasted</th><th>Becomes</th></tr></thead
          >
          <tbody>
            {#each rows as { field, number, text, key, before } (field.id)}
              <tr class="border-t border-(--hairline) align-top">
                <td class="py-1.5 font-semibold tabular-nums">{number}</td>
                <td class="py-1.5 pe-3 break-words whitespace-pre-wrap">{text}</td>
                <td class="py-1.5 break-words whitespace-pre-wrap">
                  {#if key}
                    <b>{kindOf(field).keyInWords(key, field)}</b>
                    {#if before && kindOf(field).keyInWords(before, field) !== kindOf(field).keyInWords(key, field)}
                      <span class="quiet text-sm">was {kindOf(field).keyInWords(before, field)}</span>
                    {/if}
                  {:else}
                    <span class="text-warning">fits no answer here</span>
                  {/if}
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    {/if}
    {#if pasted && pasted.left_over.length > 0}
      <p class="mt-3 heed text-sm">
        Left over: <span class="quiet">{pasted.left_over.slice(0, 12).join(" · ")}</span>
      </p>
    {/if}
  </div>
  <div class="mt-5 flex flex-wrap gap-3">
    <button class="btn btn-primary h-11" disabled={fitting.length === 0} onclick={set}>
      {plural(fitting.length, ["Set this answer", "Set these # answers"])}
    </button>
    <button class="btn btn-ghost h-11" onclick={onclose}>Cancel</button>
  </div>
</Dialog>
