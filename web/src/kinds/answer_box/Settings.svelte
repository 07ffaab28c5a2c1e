<script lang="ts">
  import LIMITS from "../../generated/limits.json";
  import Folded from "../../ui/Folded.svelte";
  import RadioGroup from "../../ui/RadioGroup.svelte";
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

<RadioGroup
  label="Students write"
  options={LINES}
  value={field.lines}
  onchange={(lines) => onchange((field) => ({ ...field, lines }))}
/>
<Folded title="Pale words, signs to press" open={field.placeholder !== "" || field.signs !== "none"}>
  <label class="block">
    <span class="field-label">Pale words inside</span>
    <input
      class="input w-full"
      maxlength={LIMITS.placeholder}
      placeholder="Write here"
      value={field.placeholder}
      oninput={(event) => {
        const placeholder = event.currentTarget.value.trim();
        onchange((field) => ({ ...field, placeholder }), true);
      }}
    />
  </label>
  <label class="mt-3 block">
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
</Folded>
