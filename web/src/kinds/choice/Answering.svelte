<script lang="ts">
  import type { AnsweringProps } from "../student";
  import { letterPoints } from "./letter_size";
  import Options from "./Options.svelte";

  let {
    prompt,
    answer,
    scale,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onanswer,
    onfocus,
  }: AnsweringProps<"choice"> = $props();
</script>

<Options
  group={prompt.id}
  options={prompt.options}
  several={prompt.several}
  sign={prompt.sign}
  arrangement={prompt.arrangement}
  picked={answer?.picked ?? []}
  size={docked ? 18 : letterPoints(prompt) * scale}
  {label}
  {docked}
  {readonly}
  {describedby}
  onpick={(picked) => onanswer({ kind: "choice", version: 2, picked })}
  onfocus={() => onfocus()}
/>
