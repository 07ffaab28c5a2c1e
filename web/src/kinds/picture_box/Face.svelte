<script lang="ts">
  import ImageIcon from "@lucide/svelte/icons/image";
  import type { FaceProps } from "../teacher";

  let { field, scale }: FaceProps<"picture_box"> = $props();

  const size = $derived(Math.min(48, field.box.height * scale * 0.7));
</script>

<span class="grid h-full place-items-center opacity-60"><ImageIcon {size} aria-hidden="true" /></span>
