<script lang="ts">
  // On the page; it is heard beside it.
  import Mic from "@lucide/svelte/icons/mic";
  import type { ReviewProps } from "../teacher";

  let { answer, scale }: ReviewProps<"sound_box"> = $props();
</script>

{#if answer?.sound}
  <span class="grid h-full place-items-center"><Mic size={20 * scale} aria-hidden="true" /></span>
{/if}
