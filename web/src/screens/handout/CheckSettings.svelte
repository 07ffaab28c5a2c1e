<script lang="ts">
  // What a student who checks an answer is told, how often, and at what cost.
  import type { Schemas } from "../../api/teacher";
  import type { Settings } from "./results.svelte";

  interface Props {
    handout: Schemas["HandoutOut"];
    onsettle: (settings: Partial<Settings>) => void;
  }
  let { handout, onsettle }: Props = $props();

  const TRIES = [1, 2, 3, 4, 5, 10];
  const COSTS = [0, 10, 20, 25, 33, 50, 100];
  const SHOWN = [
    ["shows_hints", "Your hint, where you wrote one"],
    ["shows_reasons", "Why it is not right"],
  ] as const;
</script>

<div class="space-y-3 border-s-4 border-(--hairline) ps-3">
  <label class="block">
    <span class="field-label">Tries for each question</span>
    <select
      class="input w-full"
      value={String(handout.tries_allowed ?? "")}
      onchange={(event) => onsettle({ tries_allowed: Number(event.currentTarget.value) || null })}
    >
      <option value="">Any number</option>
      {#each TRIES as count (count)}<option value={String(count)}>{count}</option>{/each}
    </select>
  </label>
  <fieldset class="space-y-1.5">
    <legend class="field-label">When it is not right, they also see</legend>
    {#each SHOWN as [name, label] (name)}
      <label class="flex items-start gap-2 text-sm">
        <input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={handout[name]}
          onchange={(event) => onsettle({ [name]: event.currentTarget.checked })}
        />{label}
      </label>
    {/each}
  </fieldset>
  <label class="block">
    <span class="field-label">A try that was not right costs</span>
    <select
      class="input w-full"
      value={String(handout.try_cost)}
      onchange={(event) => onsettle({ try_cost: Number(event.currentTarget.value) })}
    >
      {#each COSTS as cost (cost)}
        <option value={String(cost)}>{cost === 0 ? "Nothing" : `${cost} % of its points`}</option>
      {/each}
    </select>
  </label>
</div>
