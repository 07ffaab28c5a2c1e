<script lang="ts">
  // The slip for the fields in hand, one or several: what is settled on it is settled for all of them. It is opened for these:
  // what is typed here is for them, whatever is pressed next.
  import type { Field, Key } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import { partsOf } from "../../../kinds/form";
  import Folded from "../../../ui/Folded.svelte";
  import type { Editing } from "../state/editing.svelte";
  import type { Step } from "../steps";
  import Align from "../fixtures/Align.svelte";
  import {
    changeFields,
    changeSome,
    changeWithKey,
    lock,
    selectLike,
    setKey,
  } from "../../../worksheet/commands/fields";
  import { groupOf, pageOf } from "../../../worksheet/lying";
  import Explaining from "../explaining/Explaining.svelte";
  import Tags from "../explaining/Tags.svelte";
  import GroupSettings from "./GroupSettings.svelte";
  import PointsOfSeveral from "./PointsOfSeveral.svelte";
  import QuestionSettings from "./QuestionSettings.svelte";
  import SeveralFields from "./SeveralFields.svelte";
  import StyleSettings from "./StyleSettings.svelte";

  let { editing, fields, step }: { editing: Editing; fields: Field[]; step: Step } = $props();

  // svelte-ignore state_referenced_locally
  const ids = fields.map(({ id }) => id);
  const first = $derived(fields[0] as Field);
  const one = $derived(fields.length === 1 ? first : undefined);
  // svelte-ignore state_referenced_locally
  const kind = fields.every((field) => field.kind === fields[0]?.kind) ? fields[0]?.kind : undefined;
  // svelte-ignore state_referenced_locally
  const { Settings, KeySettings, keyInWords } = kindOf(fields[0] as Field);
  const fieldKey = $derived(editing.document.keys[first.id]);
  const group = $derived(one && groupOf(editing.document, one));
  const spread = $derived(fields.some((field) => groupOf(editing.document, field)?.points != null));
  const own = $derived(fields.some(({ style }) => style));
  const adding = $derived(
    one && {
      on: editing.hand.adding === one.id,
      toggle: () => (editing.hand.adding = editing.hand.adding === one.id ? null : one.id),
    },
  );
  const locked = $derived(fields.every((field) => field.locked));

  function change(changed: (field: Field) => Field, typing = false) {
    const settled = (now: Field) => (now.kind === kind ? changed(now) : now);
    editing.do(changeSome(editing.document, ids, "Settings changed", settled, typing));
  }

  /** Change the one field in hand and its key, in one step. */
  function changeBoth(changed: (field: Field, key: Key | undefined) => [Field, Key | null], typing = false) {
    editing.do(changeWithKey(editing.document, first.id, "Settings changed", changed, typing));
  }

  const set = (label: string, changed: Partial<Field>) =>
    editing.do(
      changeFields(
        label,
        fields.map((field) => ({ ...field, ...changed }) as Field),
      ),
    );
</script>

<div class="mt-4 space-y-4">
  {#if one && step === "key"}
    <div>
      <p class="field-label">Right answer</p>
      <p class="break-words whitespace-pre-wrap">
        {fieldKey ? keyInWords(fieldKey, one) : "Set it on the page."}
      </p>
    </div>
    {#if fieldKey && KeySettings}
      <KeySettings
        field={one}
        {fieldKey}
        numbers={editing.numbersIn(one)}
        settings={editing.document.settings}
        earlier={editing.store.earlier(one)}
        onkey={(key) => editing.do(setKey(editing.document, one.id, key, "slip"))}
      />
    {/if}
  {/if}
  {#if one}
    {#if partsOf(one).every(({ id }) => !id)}<QuestionSettings {editing} field={one} />{/if}
    {#if group}<GroupSettings {editing} {group} />{/if}
  {:else}
    {#if !spread}<PointsOfSeveral {editing} {fields} />{/if}
    <SeveralFields {editing} {fields} />
  {/if}
  {#if step !== "key" && kind}
    <Settings
      field={first}
      {fieldKey}
      numbers={editing.numbersIn(first)}
      page={pageOf(editing.document, first.page)}
      printed={() => editing.printed.known(pageOf(editing.document, first.page))}
      {adding}
      onchange={change}
      onboth={one && changeBoth}
      choosePicture={(then) => (editing.hand.choosing = then)}
    />
  {/if}
  {#if step === "film"}
    {#if one}
      <Folded
        title="Instructions, help, working-out"
        open={one.instructions.length + one.help.length + one.skills.length > 0 || one.working_for !== null}
      >
        <Explaining {editing} field={one} />
      </Folded>
    {:else}
      <Tags {editing} {fields} />
    {/if}
    <Folded title="Look" open={own}>
      <StyleSettings
        style={first.style ?? editing.document.style}
        onstyle={(style) => set("Look changed", { style })}
      />
      {#if own}
        <button class="btn btn-ghost btn-sm -ms-3 mt-2" onclick={() => set("Look as usual", { style: null })}
          >As usual on this worksheet</button
        >
      {/if}
    </Folded>
    <Folded title={one ? "Line up, lock" : "Line up, same size, lock"} open={!one}>
      <Align {editing} />
      <label class="mt-3 flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={locked}
          onchange={() => editing.do(lock(editing.document, ids))}
        />Locked where {one ? "it is" : "they are"}
      </label>
    </Folded>
    {#if kind}
      <div class="flex flex-wrap items-center gap-2 text-sm" role="group" aria-label="Take in hand too">
        <span class="quiet">Take too:</span>
        <button
          class="btn btn-outline btn-xs"
          onclick={() => editing.hand.select(selectLike(editing.document, first, "size"))}
          >All like this</button
        >
        <button
          class="btn btn-outline btn-xs"
          onclick={() => editing.hand.select(selectLike(editing.document, first, "kind"))}
          >All of the kind</button
        >
      </div>
    {/if}
  {/if}
</div>
