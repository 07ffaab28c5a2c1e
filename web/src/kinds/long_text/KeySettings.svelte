<script lang="ts">
  import type { KeySettingsProps } from "../teacher";
  import { withNever } from "./keys";

  let { fieldKey, onkey }: KeySettingsProps<"long_text"> = $props();

  let typing = $state<string>();
  const needed = $derived(Math.min(fieldKey.enough ?? fieldKey.wanted.length, fieldKey.wanted.length));
</script>

<p class="quiet text-sm">
  A bar stands between phrases that say the same: “broke the pane | cracked the pane”. What is nearly there,
  or said not to be so, waits for you.
</p>
{#if fieldKey.wanted.length > 1}
  <label class="block">
    <span class="field-label">All points for</span>
    <select
      class="input w-full"
      value={String(needed)}
      onchange={(event) => {
        const count = Number(event.currentTarget.value);
        onkey({ ...fieldKey, enough: count === fieldKey.wanted.length ? null : count });
      }}
    >
      {#each fieldKey.wanted.keys() as i (i)}
        <option value={String(i + 1)}>{i + 1} of {fieldKey.wanted.length}</option>
      {/each}
    </select>
  </label>
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={!fieldKey.all_or_nothing}
      onchange={() => onkey({ ...fieldKey, all_or_nothing: !fieldKey.all_or_nothing })}
    />Part marks for fewer
  </label>
{/if}
<label class="block">
  <span class="field-label">Must not stand in it, one a line</span>
  <textarea
    class="textarea w-full"
    rows="2"
    dir="auto"
    value={typing ?? fieldKey.never.join("\n")}
    oninput={(event) => {
      typing = event.currentTarget.value;
      const key = withNever(fieldKey, typing);
      if (key) onkey(key);
    }}
    onblur={() => (typing = undefined)}></textarea>
</label>
