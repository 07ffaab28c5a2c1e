<script lang="ts">
  // What is settled about a part that is a question of its own: its number, its points, a hint.
  import LIMITS from "../generated/limits.json";
  import { PLAIN, type Settled } from "./settled";

  interface Props {
    /** What the part is called, for those who listen. */
    name: string;
    settled: Settled | undefined;
    /** The number that it has if none is set. */
    number?: string;
    onchange: (settled: Settled) => void;
  }
  let { name, settled = PLAIN, number = "Number", onchange }: Props = $props();
</script>

<div class="mt-1 flex gap-1.5">
  <input
    class="input input-sm w-16 tabular-nums"
    aria-label="Number of {name}"
    placeholder={number}
    maxlength={LIMITS.number}
    value={settled.number}
    oninput={(event) => onchange({ ...settled, number: event.currentTarget.value.trim() })}
  />
  <input
    class="input input-sm w-16 tabular-nums"
    type="number"
    min="0"
    max="100"
    step="0.25"
    aria-label="Points of {name}"
    value={settled.points}
    oninput={(event) => {
      const points = Number(event.currentTarget.value);
      if (points >= 0 && points <= 100 && (points * 4) % 1 === 0) onchange({ ...settled, points });
    }}
  />
  <input
    class="input input-sm min-w-0 flex-1"
    aria-label="Hint of {name}"
    placeholder="Hint"
    maxlength={LIMITS.hint}
    value={settled.hint}
    oninput={(event) => onchange({ ...settled, hint: event.currentTarget.value.trim() })}
  />
</div>
