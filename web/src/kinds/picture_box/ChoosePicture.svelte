<script lang="ts">
  // A picture from the camera or a file. On a phone the system's own dialog has both.
  import Camera from "@lucide/svelte/icons/camera";
  import ImagePlus from "@lucide/svelte/icons/image-plus";

  interface Props {
    label: string;
    /** Whether there is one already. */
    again: boolean;
    onfile: (file: Blob) => void;
  }
  let { label, again, onfile }: Props = $props();

  let input: HTMLInputElement;
  let CameraDialog = $state<typeof import("../../bringing/CameraDialog.svelte").default>();
  const hasCamera = "mediaDevices" in navigator;
</script>

<input
  bind:this={input}
  type="file"
  accept="image/*"
  class="hidden"
  aria-label={label}
  onchange={() => {
    const [file] = input.files ?? [];
    if (file) onfile(file);
    input.value = "";
  }}
/>
<button class="btn btn-outline h-11" onclick={() => input.click()}>
  <ImagePlus size={18} aria-hidden="true" />{again ? "Another picture" : "Add a picture"}
</button>
{#if hasCamera}
  <button
    class="btn btn-outline h-11"
    onclick={async () => (CameraDialog = (await import("../../bringing/CameraDialog.svelte")).default)}
  >
    <Camera size={18} aria-hidden="true" />Camera
  </button>
{/if}
{#if CameraDialog}
  <CameraDialog
    standIn={null}
    one
    ontaken={([photo]) => {
      CameraDialog = undefined;
      if (photo) onfile(photo);
    }}
    onclose={() => (CameraDialog = undefined)}
  />
{/if}
