<script lang="ts">
  // How many may be picked, and how several are marked: the same for every kind that is picked from.
  import RadioGroup from "../ui/RadioGroup.svelte";

  interface Props {
    several: boolean;
    partMarks: boolean;
    onchange: (changed: { several?: boolean; part_marks?: boolean }) => void;
  }
  let { several, partMarks, onchange }: Props = $props();

  const HOW_MANY = [
    [false, "One"],
    [true, "Several"],
  ] as const;
</script>

<RadioGroup
  label="Students pick"
  options={HOW_MANY}
  value={several}
  onchange={(several) => onchange({ several })}
/>
{#if several}
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="toggle toggle-secondary toggle-sm"
      checked={partMarks}
      onchange={(event) => onchange({ part_marks: event.currentTarget.checked })}
    />
    Part marks: right picks less wrong ones
  </label>
{/if}
