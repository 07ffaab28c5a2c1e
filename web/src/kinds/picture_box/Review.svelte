<script lang="ts">
  import { answerFiles } from "../answer_files";
  import type { ReviewProps } from "../teacher";
  import PictureShown from "./PictureShown.svelte";

  let { field, answer, scale }: ReviewProps<"picture_box"> = $props();

  const box = $derived({ width: field.box.width * scale, height: field.box.height * scale });
  const address = answerFiles();
</script>

{#if answer?.picture}<PictureShown {answer} src={address(answer.picture)} {box} />{/if}
