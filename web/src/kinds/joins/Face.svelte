<script lang="ts">
  import type { FaceProps } from "../teacher";
  import Shown from "./Shown.svelte";

  let { field, fieldKey, scale }: FaceProps<"joins"> = $props();
</script>

<Shown {field} lines={fieldKey?.lines ?? []} {scale} />
