<script lang="ts">
  interface Props {
    /** Null when several fields differ. */
    points: number | null;
    /** What it is called for those who listen, where its place says it to those who see. */
    label?: string;
    onpoints: (points: number) => void;
  }
  let { points, label, onpoints }: Props = $props();

  const id = $props.id();
  let wrong = $state(false);

  function read(input: HTMLInputElement) {
    const value = Number(input.value.replace(",", "."));
    wrong = input.value.trim() === "" || !(value >= 0 && value <= 100 && (value * 4) % 1 === 0);
    if (!wrong && value !== points) onpoints(value);
  }
</script>

<div>
  {#if !label}<label class="field-label" for={id}>Points</label>{/if}
  <input
    {id}
    class="input tabular-nums {label ? 'input-sm w-16' : 'w-24'}"
    aria-label={label}
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
