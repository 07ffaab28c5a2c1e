<script lang="ts">
  // A recording, to be heard.
  import { answerFiles } from "../answer_files";
  import type { AnswerOf } from "../teacher";

  let { answer }: { answer: AnswerOf<"sound_box"> } = $props();

  const address = answerFiles();
</script>

{#if answer.sound}<audio class="w-full" controls src={address(answer.sound)}></audio>{/if}
