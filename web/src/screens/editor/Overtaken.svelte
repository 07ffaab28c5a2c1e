<script lang="ts">
  import { asModal } from "../../ui/modal";
  import type { Editing } from "./editing.svelte";

  let { editing }: { editing: Editing } = $props();

  // svelte-ignore state_referenced_locally
  const changes = editing.overtakenCount;
</script>

<!-- Escape decides nothing: it can be decided later. -->
<dialog
  class="card-paper m-auto max-w-md px-7 py-6 backdrop:bg-neutral/40"
  aria-labelledby="overtaken"
  onclose={() => (editing.deciding = false)}
  {@attach asModal}
>
  <h2 id="overtaken" class="text-xl">This worksheet was changed in another tab</h2>
  <p class="mt-3">
    {changes === 1 ? "Your last change here is" : `Your last ${changes} changes here are`} not saved yet, and nothing
    of the other tab is lost.
  </p>
  <div class="mt-5 flex flex-wrap gap-3">
    <button class="btn btn-primary" onclick={() => editing.settle(true)}>Put my changes on top</button>
    <button class="btn btn-outline" onclick={() => editing.settle(false)}
      >Take the other tab's, drop mine</button
    >
    <button class="btn btn-ghost" onclick={() => (editing.deciding = false)}>Decide later</button>
  </div>
</dialog>
