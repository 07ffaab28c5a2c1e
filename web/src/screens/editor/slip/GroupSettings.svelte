<script lang="ts">
  // How the fields of a group are marked together.
  import { list } from "../../../words/say";
  import type { Document } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import PointsInput from "./PointsInput.svelte";
  import { changeGroup, markOneByOne } from "../../../worksheet/commands/fields";

  interface Props {
    editing: Editing;
    group: Document["groups"][number];
  }
  let { editing, group }: Props = $props();

  const fields = $derived(editing.store.fields.filter(({ id }) => group.fields.includes(id)));
  const numbers = $derived(list(fields.map((field) => editing.store.number(field))));
  const pools = $derived(fields.every((field) => kindOf(field).pools));
  const spread = $derived(group.points != null);
</script>

<fieldset class="space-y-2 border-s-4 border-secondary ps-3">
  <legend class="field-label">Marked together: {numbers}</legend>
  {#if pools}
    <label class="flex items-start gap-2 text-sm">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={group.any_order}
        onchange={() => editing.do(changeGroup(editing.document, { ...group, any_order: !group.any_order }))}
      />Their answers may stand in any order
    </label>
  {/if}
  <label class="flex items-start gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={group.all_or_nothing}
      onchange={() =>
        editing.do(changeGroup(editing.document, { ...group, all_or_nothing: !group.all_or_nothing }))}
    />Points only when all are right
  </label>
  <label class="flex items-start gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={spread}
      onchange={() => editing.do(changeGroup(editing.document, { ...group, points: spread ? null : 1 }))}
    />Points for all together
  </label>
  {#if group.points != null}
    <PointsInput
      points={group.points}
      onpoints={(points) => editing.do(changeGroup(editing.document, { ...group, points }))}
    />
  {/if}
  <button class="btn btn-ghost btn-sm -ms-3" onclick={() => editing.do(markOneByOne(editing.document, group))}
    >Mark one by one</button
  >
</fieldset>
