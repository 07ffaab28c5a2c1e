<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import Shown from "./Shown.svelte";

  let { field, answer, scale }: ReviewProps<"joins"> = $props();
</script>

<Shown {field} lines={answer?.lines ?? []} {scale} />
