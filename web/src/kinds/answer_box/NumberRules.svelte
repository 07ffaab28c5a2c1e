<script lang="ts">
  // How near a number has to come, and what is asked of its unit.
  import {
    NUMBER_FORMS,
    plainTolerance,
    toleranceName,
    TOLERANCES,
    type Comparison,
    type ToleranceName,
  } from "./comparisons";

  type Rules = Extract<Comparison, { by: "number" }>;
  interface Props {
    rules: Rules;
    text: string;
    /** Whether a unit stands in the key: only then something is asked of it. */
    hasUnit: boolean;
    onrules: (rules: Rules) => void;
  }
  let { rules, text, hasUnit, onrules }: Props = $props();

  const UNITS: [Rules["unit"], string][] = [
    ["asked", "Left out, you look"],
    ["half", "Left out, costs half"],
    ["optional", "May be left out"],
    ["ignored", "Does not count"],
  ];
  const tolerance = $derived(rules.tolerance);
  let wrong = $state(false);

  const set = (changed: Partial<Rules>) => onrules({ ...rules, ...changed });

  /** A number as plain as the server takes it. */
  function read(input: HTMLInputElement, then: (number: string) => void) {
    const number = input.value.trim().replace(",", ".").replace("−", "-");
    wrong = !/^-?\d+(\.\d+)?$/.test(number) || number.length > 50;
    if (!wrong) then(number);
  }
</script>

{#snippet number(label: string, value: string, then: (number: string) => void)}
  <label>
    <span class="field-label">{label}</span>
    <input
      class="input w-24 tabular-nums"
      inputmode="decimal"
      {value}
      oninput={(event) => read(event.currentTarget, then)}
    />
  </label>
{/snippet}

<label class="block">
  <span class="field-label">Right is</span>
  <select
    class="input w-full"
    value={toleranceName(tolerance)}
    onchange={(event) => set({ tolerance: plainTolerance(event.currentTarget.value as ToleranceName, text) })}
  >
    {#each Object.entries(TOLERANCES) as [name, label] (name)}<option value={name}>{label}</option>{/each}
  </select>
</label>
{#if tolerance?.rule === "within"}
  {@render number(tolerance.percent ? "Percent" : "Amount", tolerance.amount, (amount) =>
    set({ tolerance: { ...tolerance, amount } }),
  )}
{:else if tolerance?.rule === "between"}
  <div class="flex gap-3">
    {@render number("From", tolerance.low, (low) => set({ tolerance: { ...tolerance, low } }))}
    {@render number("To", tolerance.high, (high) => set({ tolerance: { ...tolerance, high } }))}
  </div>
{:else if tolerance?.rule === "rounded"}
  <label class="block">
    <span class="field-label">{tolerance.to === "places" ? "Decimal places" : "Significant figures"}</span>
    <input
      class="input w-20 tabular-nums"
      type="number"
      min={tolerance.to === "places" ? 0 : 1}
      max="30"
      value={tolerance.digits}
      onchange={(event) => {
        const digits = event.currentTarget.valueAsNumber;
        if (digits >= 0 && digits <= 30) set({ tolerance: { ...tolerance, digits } });
      }}
    />
  </label>
{/if}
{#if wrong}<p class="text-sm font-semibold text-warning" role="alert">That is no number.</p>{/if}
<div class="flex flex-wrap gap-3">
  {#if hasUnit}
    <label class="basis-full">
      <span class="field-label">The unit</span>
      <select
        class="input w-full"
        value={rules.unit}
        onchange={(event) => set({ unit: event.currentTarget.value as Rules["unit"] })}
      >
        {#each UNITS as [value, label] (value)}<option {value}>{label}</option>{/each}
      </select>
    </label>
  {/if}
  <label>
    <span class="field-label">Decimals</span>
    <select
      class="input w-44"
      value={rules.decimal ?? ""}
      onchange={(event) => set({ decimal: (event.currentTarget.value || null) as "." | "," | null })}
    >
      <option value="">as on the sheet</option>
      <option value=".">1.5</option>
      <option value=",">1,5</option>
    </select>
  </label>
</div>
<label class="block">
  <span class="field-label">Written as</span>
  <select
    class="input w-full"
    value={rules.form}
    onchange={(event) => set({ form: event.currentTarget.value as Rules["form"] })}
  >
    {#each NUMBER_FORMS as [value, label] (value)}<option {value}>{label}</option>{/each}
  </select>
</label>
<label class="flex items-center gap-2">
  <input
    type="checkbox"
    class="checkbox checkbox-sm"
    checked={rules.lowest_terms}
    onchange={() => set({ lowest_terms: !rules.lowest_terms })}
  />Fractions in lowest terms
</label>
