<script lang="ts">
  // What every field has: its number, its points, a hint.
  import type { Field } from "../../../api/teacher";
  import type { Editing } from "../state/editing.svelte";
  import LIMITS from "../../../generated/limits.json";
  import Folded from "../../../ui/Folded.svelte";
  import PointsInput from "./PointsInput.svelte";
  import { changeSome } from "../../../worksheet/commands/fields";
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
      title="The numbers after it go on from it: 3a, 3b …"
      oninput={(event) => {
        const number = event.currentTarget.value.trim();
        editing.do(
          changeSome(editing.document, [id], "Number changed", (field) => ({ ...field, number }), true),
        );
      }}
    />
  </label>
  {#if !spread}
    <PointsInput
      points={field.points}
      onpoints={(points) =>
        editing.do(
          changeSome(editing.document, [id], "Points changed", (field) => ({ ...field, points }), true),
        )}
    />
  {/if}
</div>
{#if !spread && field.points === 0}
  <p class="quiet -mt-2 text-sm">Without points it collects opinions, which are not marked.</p>
{/if}
<Folded title="Hint after a check" open={field.hint !== ""}>
  <input
    class="input w-full"
    aria-label="Hint after a check"
    maxlength={LIMITS.hint}
    placeholder="For who checks and is not right"
    value={field.hint}
    oninput={(event) => {
      const hint = event.currentTarget.value.trim();
      editing.do(changeSome(editing.document, [id], "Hint changed", (field) => ({ ...field, hint }), true));
    }}
  />
</Folded>
