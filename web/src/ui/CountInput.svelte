<script lang="ts">
  // A number that is taken when it is whole: at Enter, when the field is left, and when what it stands on goes away. On the
  // way to 12 there is a 1, which would take eleven rows away.
  import { onDestroy } from "svelte";

  interface Props {
    value: number;
    min: number;
    max: number;
    step?: number | "any";
    id?: string;
    label?: string;
    class?: string;
    onvalue: (value: number) => void;
  }
  let {
    value,
    min,
    max,
    step = 1,
    id,
    label,
    class: look = "input w-24 tabular-nums",
    onvalue,
  }: Props = $props();

  let typed: number | undefined;

  function take(input?: HTMLInputElement) {
    const wanted = typed;
    typed = undefined;
    if (wanted === undefined) return;
    if (wanted >= min && wanted <= max) onvalue(wanted);
    else if (input) input.value = String(value);
  }

  onDestroy(() => take());
</script>

<input
  {id}
  class={look}
  type="number"
  aria-label={label}
  {min}
  {max}
  {step}
  {value}
  oninput={(event) => (typed = event.currentTarget.valueAsNumber)}
  onchange={(event) => take(event.currentTarget)}
/>
