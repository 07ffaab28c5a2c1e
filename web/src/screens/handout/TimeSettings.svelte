<script lang="ts">
  // When a handout opens, is due and closes, and how long each student has. What a change means for those who have begun is
  // said before it is made.
  import { plural } from "../../words/say";
  import type { Schemas } from "../../api/teacher";
  import { fromLocal, toLocal } from "../../words/local_time";
  import type { Settings } from "./results.svelte";

  interface Props {
    handout: Schemas["HandoutOut"];
    /** What settings would mean; undefined when it cannot be told. */
    meaning: (settings: Partial<Settings>) => Promise<Schemas["MeaningOut"] | undefined>;
    onsettle: (settings: Partial<Settings>) => void;
  }
  let { handout, meaning, onsettle }: Props = $props();

  const MOMENTS: Record<"opens_at" | "due_at" | "closes_at", string> = {
    opens_at: "Opens",
    due_at: "Due",
    closes_at: "Closes",
  };

  let asking = $state.raw<{ settings: Partial<Settings>; means: Schemas["MeaningOut"] }>();
  /** Counts up, so that fields show what stands when a change was not made. */
  let shown = $state(0);

  async function settle(settings: Partial<Settings>) {
    asking = undefined;
    const means = await meaning(settings);
    if (means && (means.ended > 0 || means.less > 0)) asking = { settings, means };
    else onsettle(settings);
  }

  function change() {
    if (asking) onsettle(asking.settings);
    asking = undefined;
  }

  function leave() {
    asking = undefined;
    shown += 1;
  }
</script>

<div class="space-y-3">
  {#key shown}
    {#each Object.entries(MOMENTS) as [name, label] (name)}
      {@const at = handout[name as keyof typeof MOMENTS]}
      <label class="block">
        <span class="field-label">{label}</span>
        <input
          type="datetime-local"
          class="input w-full text-sm"
          value={toLocal(at)}
          onchange={(event) => settle({ [name]: fromLocal(event.currentTarget.value) })}
        />
      </label>
      {#if name === "due_at" && at}
        <label class="block">
          <span class="field-label">Late work</span>
          <select
            class="input w-full"
            value={String(handout.takes_late)}
            onchange={(event) => settle({ takes_late: event.currentTarget.value === "true" })}
          >
            <option value="true">is taken, and marked as late</option>
            <option value="false">is not taken</option>
          </select>
        </label>
      {/if}
    {/each}
    <label class="block">
      <span class="field-label">Minutes from when a student begins</span>
      <input
        type="number"
        class="input w-28 tabular-nums"
        min="1"
        max="10000"
        placeholder="No limit"
        value={handout.minutes ?? ""}
        onchange={(event) => settle({ minutes: Number(event.currentTarget.value) || null })}
      />
    </label>
  {/key}
  {#if asking}
    {@const { means } = asking}
    <div class="border-s-4 border-accent ps-3" role="alert">
      <p>
        {plural(means.begun, ["# student is at work.", "# students are at work."])}
        {#if means.ended > 0}
          <b>{plural(means.ended, ["# could not go on.", "# could not go on."])}</b>
        {/if}
        {#if means.less > 0}
          {plural(means.less, ["# would have less time.", "# would have less time."])}
        {/if}
      </p>
      <div class="mt-2 flex gap-2">
        <button class="btn btn-primary btn-sm" onclick={change}>Change it</button>
        <button class="btn btn-outline btn-sm" onclick={leave}>Leave it as it is</button>
      </div>
    </div>
  {/if}
</div>
