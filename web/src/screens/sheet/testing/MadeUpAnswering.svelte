<script lang="ts">
  import { sheetStore } from "../../../kinds/sheet_store";
  import type { AnsweringProps } from "../../../kinds/student";

  let { prompt, place }: AnsweringProps<"answer_box"> = $props();

  const sheet = sheetStore();
  const shared = sheet.of("answer_box", () => ({ asked: 0 }));
  shared.asked += 1;
</script>

<i data-answering="{prompt.id}{place.id && `/${place.id}`}">{shared.asked} of {sheet.prompts.length}</i>
