<script lang="ts">
  // Several right arrangements, and what is asked of each slot.
  import type { KeySettingsProps } from "../teacher";
  import { called as nameOf } from "./in_hand.svelte";
  import { withArrangement, withRegion, type Belongs, type Region } from "./key_board";
  import type { Piece } from "./board";
  import { shown } from "./shown.svelte";
  import { slotName } from "./slot_name";

  let { field, fieldKey, onkey }: KeySettingsProps<"pieces"> = $props();

  const ASKS = [
    ["these", "These, and no others"],
    ["only", "Any number of these"],
    ["at_least", "At least these"],
    ["count", "So many, whichever"],
    ["as_many", "As many as another slot"],
  ] as const;

  const index = $derived(Math.min(shown.get(field.id) ?? 0, fieldKey.arrangements.length - 1));
  const arrangement = $derived(fieldKey.arrangements[index] ?? []);

  function change(slot: string, changed: Partial<Belongs>) {
    const others = arrangement.filter((each) => each.slot !== slot);
    const was = arrangement.find((each) => each.slot === slot) ?? {
      slot,
      pieces: [],
      asks: "these" as const,
      count: 0,
      like: null,
      region: null,
    };
    const key = withArrangement(fieldKey, index, [...others, { ...was, ...changed }]);
    if (key) onkey(key);
  }

  const called = (piece: Piece | undefined) => (piece ? nameOf(piece) : "");

  function setShape(belongs: Belongs, shape: Region["shape"]) {
    if (belongs.region) onkey(withRegion(fieldKey, index, belongs, { ...belongs.region, shape }));
  }

  function more() {
    shown.set(field.id, fieldKey.arrangements.length);
    onkey({ ...fieldKey, arrangements: [...fieldKey.arrangements, arrangement] });
  }

  function remove() {
    const key = withArrangement(fieldKey, index, []);
    shown.set(field.id, 0);
    if (key) onkey(key);
  }
</script>

<div role="group" aria-label="Right arrangements" class="flex flex-wrap gap-1.5">
  {#each fieldKey.arrangements.keys() as i (i)}
    <button
      class="btn btn-sm {i === index ? 'btn-primary' : 'btn-outline'}"
      aria-pressed={i === index}
      onclick={() => shown.set(field.id, i)}>Right {i + 1}</button
    >
  {/each}
  <button class="btn btn-ghost btn-sm" onclick={more}>Also right…</button>
  {#if fieldKey.arrangements.length > 1}
    <button class="btn btn-ghost btn-sm" onclick={remove}>Remove this one</button>
  {/if}
</div>
<ul class="space-y-2">
  {#each field.slots as slot (slot.id)}
    {@const belongs = arrangement.find((each) => each.slot === slot.id)}
    {#if slot.where_counts}
      {#each arrangement.filter((each) => each.slot === slot.id && each.region) as belongs (belongs.pieces[0])}
        {@const name = called(field.pieces.find(({ id }) => id === belongs.pieces[0]))}
        <li>
          <label class="field-label" for="region-{belongs.pieces[0]}">Where {name} is right</label>
          <select
            id="region-{belongs.pieces[0]}"
            class="input input-sm w-full"
            value={belongs.region?.shape}
            onchange={(event) => setShape(belongs, event.currentTarget.value as Region["shape"])}
          >
            <option value="ellipse">In an ellipse</option>
            <option value="box">In a box</option>
          </select>
        </li>
      {/each}
    {:else if slot.most !== 1}
      <li>
        <label class="field-label" for="asks-{slot.id}">In {slotName(field.slots, slot)}</label>
        <select
          id="asks-{slot.id}"
          class="input input-sm w-full"
          value={belongs?.asks ?? "these"}
          onchange={(event) => change(slot.id, { asks: event.currentTarget.value as Belongs["asks"] })}
        >
          {#each ASKS as [value, label] (value)}<option {value}>{label}</option>{/each}
        </select>
        {#if belongs?.asks === "count"}
          <input
            class="input input-sm mt-1 w-20 tabular-nums"
            type="number"
            min="0"
            max="200"
            aria-label="How many in {slotName(field.slots, slot)}"
            value={belongs.count}
            onchange={(event) =>
              change(slot.id, {
                count: Math.min(200, Math.max(0, Math.round(Number(event.currentTarget.value)))),
              })}
          />
        {:else if belongs?.asks === "as_many"}
          <select
            class="input input-sm mt-1 w-full"
            aria-label="As many as in"
            value={belongs.like ?? ""}
            onchange={(event) => change(slot.id, { like: event.currentTarget.value || null })}
          >
            <option value=""></option>
            {#each field.slots.filter((other) => other !== slot) as other (other.id)}
              <option value={other.id}>{slotName(field.slots, other)}</option>
            {/each}
          </select>
        {/if}
      </li>
    {/if}
  {/each}
</ul>
