<script lang="ts">
  import { sheetStore } from "../sheet_store";
  import type { AidProps, AnswerOf } from "../student";
  import { answerOf, setOf } from "./answer";
  import Values from "./Values.svelte";

  let { prompt }: AidProps<"plot"> = $props();

  const store = sheetStore();
  const set = $derived(setOf(store.answers[prompt.id] as AnswerOf<"plot"> | undefined));
</script>

<Values
  asked={prompt}
  {set}
  readOut={prompt.read_out}
  onset={(set) => store.change(prompt, "", answerOf(set))}
/>
