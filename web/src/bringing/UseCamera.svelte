<script lang="ts">
  // The button that opens the camera.
  import type { Bringing } from "./bringing.svelte";
  import CameraDialog from "./CameraDialog.svelte";

  let { bringing, standIn }: { bringing: Bringing; standIn: string | null } = $props();

  let open = $state(false);
</script>

<button class="btn btn-outline h-12" onclick={() => (open = true)}>Use the camera</button>
{#if open}
  <CameraDialog {standIn} ontaken={(photos) => bringing.begin(photos)} onclose={() => (open = false)} />
{/if}
