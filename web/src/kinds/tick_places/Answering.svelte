<script lang="ts">
  import type { AnsweringProps } from "../student";
  import Spots from "./Spots.svelte";

  let {
    prompt,
    answer,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onanswer,
    onfocus,
  }: AnsweringProps<"tick_places"> = $props();
</script>

<Spots
  group={prompt.id}
  spots={prompt.spots}
  several={prompt.several}
  sign={prompt.sign}
  picked={answer?.picked ?? []}
  {label}
  {docked}
  {readonly}
  {describedby}
  onpick={(picked) => onanswer({ kind: "tick_places", version: 2, picked })}
  onfocus={() => onfocus()}
/>
