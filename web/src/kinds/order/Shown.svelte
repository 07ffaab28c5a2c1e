<script lang="ts">
  // Numbered places, only shown.
  import type { Step } from "./steps";

  interface Props {
    steps: readonly Step[];
    sequence: readonly string[];
    scale: number;
  }
  let { steps, sequence, scale }: Props = $props();
</script>

<!-- What is shown stands in attributes: what is around it says in words what it is. -->
{#each steps as step (step.id)}
  <span
    class="step-number before:content-[attr(data-text)]"
    style:left="{step.x * 100}%"
    style:top="{step.y * 100}%"
    style:font-size="{13 * scale}px"
    data-text={sequence.indexOf(step.id) + 1 || ""}
  ></span>
{/each}
