<script lang="ts">
  // Places that are numbered by pressing them in their order, on the page or as a list.
  import { announce } from "../../ui/Announcer.svelte";
  import { pressed, stepName, type Step } from "./steps";

  interface Props {
    steps: readonly Step[];
    sequence: readonly string[];
    scale: number;
    still: boolean;
    label: string;
    docked?: boolean;
    onorder: (sequence: string[]) => void;
    onfocus?: () => void;
  }
  let { steps, sequence, scale, still, label, docked = false, onorder, onfocus }: Props = $props();

  const numberOf = ({ id }: Step) => sequence.indexOf(id) + 1;

  function press(step: Step) {
    const now = pressed(sequence, step.id);
    const number = now.indexOf(step.id) + 1;
    announce(number ? `${stepName(steps, step)} is ${number}.` : `${stepName(steps, step)} has no number.`);
    onorder(now);
    onfocus?.();
  }
</script>

<div
  class={docked ? "flex max-h-[32dvh] flex-col gap-1.5 overflow-auto" : "relative h-full w-full"}
  role="group"
  aria-label={label}
>
  {#each steps as step (step.id)}
    {@const number = numberOf(step)}
    <button
      type="button"
      class={docked ? "btn btn-outline h-11 justify-start gap-3" : "step-number"}
      style:left={docked ? undefined : `${step.x * 100}%`}
      style:top={docked ? undefined : `${step.y * 100}%`}
      style:font-size={docked ? undefined : `${Math.max(14, 13 * scale)}px`}
      aria-label="{stepName(steps, step)}, {number ? `number ${number}` : 'no number'}"
      aria-pressed={number > 0}
      disabled={still}
      onclick={() => press(step)}
    >
      {#if docked}<b class="w-6 tabular-nums">{number || ""}</b><span dir="auto">{stepName(steps, step)}</span
        >{:else}{number || ""}{/if}
    </button>
  {/each}
</div>
