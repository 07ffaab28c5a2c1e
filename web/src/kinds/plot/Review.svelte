<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import { setOf } from "./answer";
  import Marks from "./Marks.svelte";

  let { field, answer, scale }: ReviewProps<"plot"> = $props();
</script>

<Marks asked={field} set={setOf(answer)} {scale} />
