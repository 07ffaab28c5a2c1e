<script lang="ts">
  // What every field has: its number, its points, a hint.
  import type { Field } from "../../api/teacher";
  import type { Editing } from "./editing.svelte";
  import LIMITS from "../../generated/limits.json";
  import PointsInput from "./PointsInput.svelte";

  let { editing, field }: { editing: Editing; field: Field } = $props();

  // svelte-ignore state_referenced_locally
  const id = field.id;
  const spread = $derived(editing.groupOf(field)?.points != null);
</script>

<div class="flex gap-3">
  <label>
    <span class="field-label">Number</span>
    <input
      class="input w-24 tabular-nums"
      maxlength={LIMITS.number}
      value={field.number}
      placeholder={editing.number(field)}
      oninput={(event) => {
        const number = event.currentTarget.value.trim();
        editing.changeField(id, "Number changed", (field) => ({ ...field, number }), true);
      }}
    />
  </label>
  {#if !spread}
    <PointsInput
      points={field.points}
      onpoints={(points) =>
        editing.changeField(id, "Points changed", (field) => ({ ...field, points }), true)}
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
    placeholder="for who checks and is not right"
    value={field.hint}
    oninput={(event) => {
      const hint = event.currentTarget.value.trim();
      editing.changeField(id, "Hint changed", (field) => ({ ...field, hint }), true);
    }}
  />
</label>
