<script lang="ts">
  import type { AnsweringProps } from "../student";
  import Numbers from "./Numbers.svelte";

  let {
    prompt,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    onanswer,
    onfocus,
  }: AnsweringProps<"order"> = $props();
</script>

<Numbers
  steps={prompt.steps}
  sequence={answer?.sequence ?? []}
  {scale}
  still={readonly}
  {label}
  {docked}
  onorder={(sequence) => onanswer({ kind: "order", version: 1, sequence })}
  onfocus={() => onfocus()}
/>
