<script lang="ts">
  // How many may be picked, and how several are marked: the same for every kind that is picked from.
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

<fieldset>
  <legend class="field-label">Students pick</legend>
  <div class="join w-full">
    {#each HOW_MANY as [value, label] (label)}
      <label class="btn join-item btn-sm flex-1" class:btn-primary={several === value}>
        <input
          type="radio"
          name="several"
          class="sr-only"
          checked={several === value}
          onchange={() => onchange({ several: value })}
        />{label}
      </label>
    {/each}
  </div>
</fieldset>
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
