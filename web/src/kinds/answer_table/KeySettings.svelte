<script lang="ts">
  import type { KeySettingsProps } from "../teacher";
  import WrittenKeySettings from "../WrittenKeySettings.svelte";

  let { fieldKey, numbers, settings, onkey }: KeySettingsProps<"answer_table"> = $props();
</script>

<WrittenKeySettings
  right={fieldKey.right}
  {numbers}
  {settings}
  onright={(right) => onkey({ kind: "answer_table", right })}
/>
