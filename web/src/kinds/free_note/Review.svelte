<script lang="ts">
  import type { ReviewProps } from "../teacher";
  import NotesShown from "./NotesShown.svelte";

  let { field, answer, scale }: ReviewProps<"free_note"> = $props();
</script>

<span class="note-area {field.whole_page ? '' : 'rimmed'}"></span>
<NotesShown box={field.box} notes={answer?.notes ?? []} {scale} />
