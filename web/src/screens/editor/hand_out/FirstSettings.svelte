<script lang="ts">
  // What is settled while handing out. All of it can be changed later, on the handout's own page.
  import type { Schemas } from "../../../api/teacher";
  import Folded from "../../../ui/Folded.svelte";
  import { fromLocal } from "../../../words/local_time";

  let { settings = $bindable() }: { settings: Partial<Schemas["HandoutSettings"]> } = $props();

  const set = (more: Partial<Schemas["HandoutSettings"]>) => (settings = { ...settings, ...more });
</script>

{#snippet at(name: "opens_at" | "due_at" | "closes_at", label: string)}
  <label class="flex-1 basis-48">
    <span class="field-label">{label}</span>
    <input
      type="datetime-local"
      class="input w-full text-sm"
      onchange={(event) => set({ [name]: fromLocal(event.currentTarget.value) })}
    />
  </label>
{/snippet}

<div class="flex flex-wrap items-end gap-3">
  {@render at("due_at", "Due")}
  <label class="flex flex-1 basis-48 items-center gap-3 py-2">
    <input
      type="checkbox"
      class="toggle"
      checked={settings.may_check ?? false}
      onchange={(event) => set({ may_check: event.currentTarget.checked })}
    />
    Students may check an answer
  </label>
</div>
<div class="mt-3">
  <Folded title="Message, opening, closing, time limit">
    <label class="block">
      <span class="field-label">Message to students</span>
      <textarea
        class="textarea w-full text-sm"
        rows="2"
        maxlength="1000"
        dir="auto"
        onchange={(event) => set({ message: event.currentTarget.value })}></textarea>
    </label>
    <div class="mt-3 flex flex-wrap gap-3">
      {@render at("opens_at", "Opens")}
      {@render at("closes_at", "Closes")}
    </div>
    <div class="mt-3 flex flex-wrap items-end gap-3">
      <label class="flex-1 basis-48">
        <span class="field-label">Minutes from when a student begins</span>
        <input
          type="number"
          class="input w-28 tabular-nums"
          min="1"
          max="10000"
          placeholder="No limit"
          onchange={(event) => set({ minutes: Number(event.currentTarget.value) || null })}
        />
      </label>
      <label class="flex-1 basis-48">
        <span class="field-label">Late work</span>
        <select
          class="input w-full"
          onchange={(event) => set({ takes_late: event.currentTarget.value === "true" })}
        >
          <option value="true">is taken, and marked as late</option>
          <option value="false">is not taken</option>
        </select>
      </label>
    </div>
  </Folded>
</div>
