<script lang="ts">
  // The button that opens the device's own way of choosing files.
  import type { Bringing } from "./bringing.svelte";

  let { bringing, label }: { bringing: Bringing; label: string } = $props();

  /** What the chooser offers; what a file is, the server tells by its content. */
  const ACCEPT = "application/pdf,image/*,.pdf,.heic,.heif,.tif,.tiff";

  async function take(input: HTMLInputElement) {
    const files = [...(input.files ?? [])];
    input.value = ""; // so that the same file can be chosen again
    await bringing.begin(files);
  }
</script>

<label class="btn btn-primary h-12 focus-within:outline-3 focus-within:outline-accent">
  {label}
  <input
    type="file"
    multiple
    accept={ACCEPT}
    class="sr-only"
    onchange={(event) => take(event.currentTarget)}
  />
</label>
