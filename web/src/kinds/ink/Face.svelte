<script lang="ts">
  // The rim that students see.
  import type { FaceProps } from "../teacher";

  let { field }: FaceProps<"ink"> = $props();
</script>

<span class="ink-area {field.whole_page ? '' : 'rimmed'}"></span>
