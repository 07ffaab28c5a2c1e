<script lang="ts">
  // How the fields of a group are marked together.
  import type { Document } from "../../api/teacher";
  import { kindOf } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";
  import PointsInput from "./PointsInput.svelte";

  interface Props {
    editing: Editing;
    group: Document["groups"][number];
  }
  let { editing, group }: Props = $props();

  const fields = $derived(editing.fields.filter(({ id }) => group.fields.includes(id)));
  const numbers = $derived(fields.map((field) => editing.number(field)).join(", "));
  const pools = $derived(fields.every((field) => kindOf(field).pools));
  const spread = $derived(group.points != null);
</script>

<fieldset class="space-y-2 border-l-4 border-secondary pl-3">
  <legend class="field-label">Marked together: {numbers}</legend>
  {#if pools}
    <label class="flex items-start gap-2 text-sm">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={group.any_order}
        onchange={() => editing.changeGroup({ ...group, any_order: !group.any_order })}
      />Their answers may stand in any order
    </label>
  {/if}
  <label class="flex items-start gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={group.all_or_nothing}
      onchange={() => editing.changeGroup({ ...group, all_or_nothing: !group.all_or_nothing })}
    />Points only when all are right
  </label>
  <label class="flex items-start gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={spread}
      onchange={() => editing.changeGroup({ ...group, points: spread ? null : 1 })}
    />Points for all together
  </label>
  {#if group.points != null}
    <PointsInput points={group.points} onpoints={(points) => editing.changeGroup({ ...group, points })} />
  {/if}
  <button class="btn btn-ghost btn-sm -ml-3" onclick={() => editing.ungroup(group)}>Mark one by one</button>
</fieldset>
