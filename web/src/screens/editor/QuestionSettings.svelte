<script lang="ts">
  // What every field has: its number, its points, a hint.
  import type { Field } from "../../api/teacher";
  import type { Editing } from "./editing.svelte";
  import PointsInput from "./PointsInput.svelte";

  let { editing, field }: { editing: Editing; field: Field } = $props();

  const spread = $derived(editing.groupOf(field)?.points != null);
</script>

<div class="flex gap-3">
  <label>
    <span class="field-label">Number</span>
    <input
      class="input w-24 tabular-nums"
      maxlength="12"
      value={field.number}
      placeholder={editing.number(field)}
      onchange={(event) =>
        editing.change("Number changed", [{ ...field, number: event.currentTarget.value.trim() }])}
    />
  </label>
  {#if !spread}
    <PointsInput
      points={field.points}
      onpoints={(points) => editing.change("Points changed", [{ ...field, points }])}
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
    maxlength="300"
    placeholder="for who checks and is not right"
    value={field.hint}
    onchange={(event) =>
      editing.change("Hint changed", [{ ...field, hint: event.currentTarget.value.trim() }])}
  />
</label>
