<script lang="ts">
  import type { FaceProps } from "../teacher";
  import Shown from "./Shown.svelte";

  let { field, fieldKey, scale }: FaceProps<"order"> = $props();
</script>

<Shown steps={field.steps} sequence={fieldKey?.sequence ?? []} {scale} />
