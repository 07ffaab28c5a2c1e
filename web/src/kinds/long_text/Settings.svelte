<script lang="ts">
  import type { SettingsProps } from "../teacher";
  import { LANGUAGES } from "../../words/languages";

  let { field, onchange }: SettingsProps<"long_text"> = $props();

  const MOST = 5_000;
  const BOUNDS = [
    ["least_words", "At least"],
    ["most_words", "At most"],
  ] as const;
  const wrong = $derived(
    Boolean(field.least_words && field.most_words && field.least_words > field.most_words),
  );
  let crossed = $state(false);

  function set(name: "least_words" | "most_words", text: string) {
    const count = Math.round(Number(text));
    const value = text.trim() === "" ? null : count >= 1 && count <= MOST ? count : undefined;
    if (value === undefined) return;
    const [least, most] = name === "least_words" ? [value, field.most_words] : [field.least_words, value];
    crossed = Boolean(least && most && least > most);
    if (!crossed) onchange((field) => ({ ...field, [name]: value }), true);
  }
</script>

<div>
  <p class="field-label">Words asked for</p>
  <div class="flex gap-3">
    {#each BOUNDS as [name, label] (name)}
      <label class="flex-1 text-sm">
        {label}
        <input
          class="input w-full tabular-nums"
          type="number"
          min="1"
          max={MOST}
          value={field[name] ?? ""}
          aria-invalid={crossed || wrong}
          oninput={(event) => set(name, event.currentTarget.value)}
        />
      </label>
    {/each}
  </div>
  {#if crossed}<p class="mt-1 text-sm font-semibold text-warning" role="alert">
      The most is less than the least.
    </p>{/if}
</div>
<label class="flex items-center gap-2 text-sm">
  <input
    type="checkbox"
    class="toggle toggle-secondary toggle-sm"
    checked={field.formatted}
    onchange={(event) => {
      const formatted = event.currentTarget.checked;
      onchange((field) => ({ ...field, formatted }));
    }}
  />
  Bold, italic, underlined, lists
</label>
<label class="block">
  <span class="field-label">Spelling is checked in</span>
  <select
    class="input w-full"
    value={field.spelling}
    onchange={(event) => {
      const spelling = event.currentTarget.value;
      onchange((field) => ({ ...field, spelling }));
    }}
  >
    <option value="">No language</option>
    {#each LANGUAGES as [tag, name] (tag)}<option value={tag}>{name}</option>{/each}
  </select>
</label>
