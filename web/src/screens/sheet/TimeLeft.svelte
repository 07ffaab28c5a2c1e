<script lang="ts">
  // How much time is left: whole minutes, and seconds at the very end. It is announced by itself at the last minutes.
  import { plural } from "../../words/say";
  import { WARNINGS, type Clock } from "./clock.svelte";

  let { clock }: { clock: Clock } = $props();

  const [FEW = 0] = WARNINGS;
  const left = $derived(clock.left ?? 0);
  const words = $derived(
    left > 60
      ? plural(Math.ceil(left / 60), ["# minute left", "# minutes left"])
      : plural(Math.ceil(left), ["# second left", "# seconds left"]),
  );
</script>

<span
  class="rounded-md px-1.5 py-0.5 font-bold whitespace-nowrap tabular-nums {left <= FEW
    ? 'bg-accent text-accent-content'
    : ''}"
  role="timer"
  aria-live="off">{words}</span
>
