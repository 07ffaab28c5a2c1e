<script lang="ts">
  import type { SettingsProps } from "../teacher";

  let { field, onchange }: SettingsProps<"answer_box"> = $props();

  const LINES = [
    ["one", "One line"],
    ["several", "Several lines"],
  ] as const;
  const SIGNS = [
    ["none", "None"],
    ["chemistry", "Formulas: H₂O, →"],
    ["maths", "Numbers: x², ÷, ½"],
  ] as const;
</script>

<fieldset>
  <legend class="field-label">Students write</legend>
  <div class="join w-full">
    {#each LINES as [lines, label] (lines)}
      <label class="btn join-item btn-sm flex-1" class:btn-primary={field.lines === lines}>
        <input
          type="radio"
          name="lines"
          class="sr-only"
          checked={field.lines === lines}
          onchange={() => onchange((field) => ({ ...field, lines }))}
        />{label}
      </label>
    {/each}
  </div>
</fieldset>
<label class="block">
  <span class="field-label">Signs to press</span>
  <select
    class="input w-full"
    value={field.signs}
    onchange={(event) => {
      const signs = event.currentTarget.value as typeof field.signs;
      onchange((field) => ({ ...field, signs }));
    }}
  >
    {#each SIGNS as [value, label] (value)}<option {value}>{label}</option>{/each}
  </select>
</label>
