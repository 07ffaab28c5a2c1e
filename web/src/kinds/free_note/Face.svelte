<script lang="ts">
  // The area where students may lay notes.
  import type { FaceProps } from "../teacher";

  let { field }: FaceProps<"free_note"> = $props();
</script>

<span class="note-area {field.whole_page ? '' : 'rimmed'}"></span>
