<script lang="ts">
  // The settings of one field. They are opened for it: what is typed here is for this field, whatever is pressed next.
  import type { Field } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import GroupSettings from "./GroupSettings.svelte";
  import QuestionSettings from "./QuestionSettings.svelte";
  import type { Step } from "../steps";
  import { changeField, setKey } from "../../../worksheet/commands/fields";
  import { groupOf } from "../../../worksheet/lying";

  let { editing, field, step }: { editing: Editing; field: Field; step: Step } = $props();

  // svelte-ignore state_referenced_locally
  const { id, kind } = field;
  // svelte-ignore state_referenced_locally
  const { Settings, KeySettings, keyInWords } = kindOf(field);
  const fieldKey = $derived(editing.document.keys[field.id]);
  const group = $derived(groupOf(editing.document, field));

  function change(changed: (field: Field) => Field, typing = false) {
    const settled = (now: Field) => (now.kind === kind ? changed(now) : now);
    editing.do(changeField(editing.document, id, "Settings changed", settled, typing));
  }
</script>

<div class="mt-4 space-y-4">
  {#if step === "key"}
    <div>
      <p class="field-label">Right answer</p>
      <p class="break-words whitespace-pre-wrap">
        {fieldKey ? keyInWords(fieldKey, field) : "Set it on the page."}
      </p>
    </div>
    {#if fieldKey && KeySettings}
      <KeySettings
        {field}
        {fieldKey}
        settings={editing.document.settings}
        onkey={(key) => editing.do(setKey(editing.document, id, key))}
      />
    {/if}
  {:else}
    <Settings {field} onchange={change} choosePicture={(then) => (editing.hand.choosing = then)} />
  {/if}
  <QuestionSettings {editing} {field} />
  {#if group}<GroupSettings {editing} {group} />{/if}
</div>
