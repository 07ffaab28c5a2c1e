<script lang="ts">
  import { sheetStore } from "../../../kinds/sheet_store";
  import type { LayerProps } from "../../../kinds/student";

  let { page, prompts }: LayerProps<"answer_box"> = $props();

  const { answers } = sheetStore();
</script>

<i data-layer={page.id}>{prompts.map(({ id }) => `${id} ${id in answers}`).join(", ")}</i>
