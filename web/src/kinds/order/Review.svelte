<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import Shown from "./Shown.svelte";

  let { field, answer, scale }: ReviewProps<"order"> = $props();
</script>

<Shown steps={field.steps} sequence={answer?.sequence ?? []} {scale} />
