<script lang="ts">
  // What students put where they pick, how many they may, and how several are marked: the same for every kind that is
  // picked from.
  import { SIGNS, type SignName } from "./signs";
  import RadioGroup from "../ui/RadioGroup.svelte";

  interface Picking {
    several: boolean;
    part_marks: boolean;
    sign: SignName;
  }
  interface Props {
    field: Picking;
    onchange: (changed: Partial<Picking>) => void;
  }
  let { field, onchange }: Props = $props();

  const HOW_MANY = [
    [false, "One"],
    [true, "Several"],
  ] as const;
</script>

<RadioGroup
  label="Students put a"
  options={SIGNS}
  value={field.sign}
  onchange={(sign) => onchange({ sign })}
/>
<RadioGroup
  label="Students pick"
  options={HOW_MANY}
  value={field.several}
  onchange={(several) => onchange({ several })}
/>
{#if field.several}
  <label class="flex items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="toggle toggle-secondary toggle-sm"
      checked={field.part_marks}
      onchange={(event) => onchange({ part_marks: event.currentTarget.checked })}
    />
    Part marks: right picks less wrong ones
  </label>
{/if}
