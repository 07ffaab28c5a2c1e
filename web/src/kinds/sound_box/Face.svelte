<script lang="ts">
  import Mic from "@lucide/svelte/icons/mic";
  import type { FaceProps } from "../teacher";
  import { clock } from "../../sound/sound";

  let { field }: FaceProps<"sound_box"> = $props();
</script>

<span
  class="flex h-full items-center justify-center gap-1 opacity-60 after:content-[attr(data-text)]"
  data-text={clock(field.most_seconds)}><Mic size={20} aria-hidden="true" /></span
>
