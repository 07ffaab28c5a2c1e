<script lang="ts">
  /** `points` is null when several fields differ. */
  let { points, onpoints }: { points: number | null; onpoints: (points: number) => void } = $props();

  const id = $props.id();
  let wrong = $state(false);

  function read(input: HTMLInputElement) {
    const value = Number(input.value.replace(",", "."));
    wrong = input.value.trim() === "" || !(value >= 0 && value <= 100 && (value * 4) % 1 === 0);
    if (!wrong && value !== points) onpoints(value);
  }
</script>

<div>
  <label class="field-label" for={id}>Points</label>
  <input
    {id}
    class="input w-24 tabular-nums"
    inputmode="decimal"
    value={points ?? ""}
    placeholder={points === null ? "differ" : ""}
    aria-invalid={wrong}
    aria-describedby="{id}-help"
    oninput={(event) => read(event.currentTarget)}
  />
  <p
    id="{id}-help"
    class="mt-1 text-sm {wrong ? 'font-semibold text-warning' : 'sr-only'}"
    role={wrong ? "alert" : undefined}
  >
    From 0 to 100, in quarters.
  </p>
</div>
