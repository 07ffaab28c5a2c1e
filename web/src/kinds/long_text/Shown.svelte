<script lang="ts">
  // On a phone: what was written, on the page.
  import Paragraphs from "../../rich_text/Paragraphs.svelte";
  import type { ShownProps } from "../student";

  let { answer }: ShownProps<"long_text"> = $props();
</script>

<span class="laid-text block h-full overflow-hidden text-sm"
  ><Paragraphs paragraphs={answer?.paragraphs ?? []} /></span
>
