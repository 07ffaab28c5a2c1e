<script lang="ts">
  import type { AnsweringProps } from "../student";
  import Board from "./Board.svelte";
  import { answerOf, setOf } from "./answer";

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
  }: AnsweringProps<"plot"> = $props();
</script>

{#if docked}
  <p>
    {prompt.asked === "intervals"
      ? "Press both ends of an interval on the page above, or set it here."
      : "Press the page above where the point belongs, or set it here."}
  </p>
{:else}
  <Board
    asked={prompt}
    set={setOf(answer)}
    {scale}
    {label}
    readOut={prompt.read_out}
    still={readonly}
    {describedby}
    onset={(set) => onanswer(answerOf(set))}
    onfocus={() => onfocus()}
  />
{/if}
