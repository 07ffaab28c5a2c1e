<script lang="ts">
  // What every field has: its number, its points, a hint.
  import type { Field } from "../../../api/teacher";
  import type { Editing } from "../state/editing.svelte";
  import LIMITS from "../../../generated/limits.json";
  import PointsInput from "./PointsInput.svelte";
  import { changeField } from "../../../worksheet/commands/fields";
  import { groupOf } from "../../../worksheet/lying";

  let { editing, field }: { editing: Editing; field: Field } = $props();

  // svelte-ignore state_referenced_locally
  const id = field.id;
  const spread = $derived(groupOf(editing.document, field)?.points != null);
</script>

<div class="flex gap-3">
  <label>
    <span class="field-label">Number</span>
    <input
      class="input w-24 tabular-nums"
      maxlength={LIMITS.number}
      value={field.number}
      placeholder={editing.store.number(field)}
      oninput={(event) => {
        const number = event.currentTarget.value.trim();
        editing.do(
          changeField(editing.document, id, "Number changed", (field) => ({ ...field, number }), true),
        );
      }}
    />
  </label>
  {#if !spread}
    <PointsInput
      points={field.points}
      onpoints={(points) =>
        editing.do(
          changeField(editing.document, id, "Points changed", (field) => ({ ...field, points }), true),
        )}
    />
  {/if}
</div>
<p class="quiet -mt-2 text-sm">
  {#if !spread && field.points === 0}
    Without points it collects opinions, which are not marked.
  {:else}
    The numbers after it go on from it: 3a, 3b …
  {/if}
</p>
<label class="block">
  <span class="field-label">Hint</span>
  <input
    class="input w-full"
    maxlength={LIMITS.hint}
    placeholder="For who checks and is not right"
    value={field.hint}
    oninput={(event) => {
      const hint = event.currentTarget.value.trim();
      editing.do(changeField(editing.document, id, "Hint changed", (field) => ({ ...field, hint }), true));
    }}
  />
</label>
