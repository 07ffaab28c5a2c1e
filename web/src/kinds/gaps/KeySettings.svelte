<script lang="ts">
  import type { KeySettingsProps } from "../teacher";
  import WrittenKeySettings from "../WrittenKeySettings.svelte";

  let { field, fieldKey, numbers, settings, onkey }: KeySettingsProps<"gaps"> = $props();
</script>

<WrittenKeySettings
  right={fieldKey.right}
  {numbers}
  {settings}
  isChosen={(part) => field.gaps.some(({ id, fill }) => id === part && fill !== "typed")}
  onright={(right) => onkey({ kind: "gaps", right })}
/>
