<script lang="ts">
  import { plural } from "../../words/say";
  import Dialog from "../../ui/Dialog.svelte";
  import type { Editing } from "./state/editing.svelte";

  let { editing }: { editing: Editing } = $props();

  // svelte-ignore state_referenced_locally
  const changes = editing.store.overtakenCount;
</script>

<!-- Escape decides nothing: it can be decided later. -->
<Dialog
  title="This worksheet was changed in another tab"
  class="w-[min(28rem,92vw)]"
  onclose={() => (editing.store.deciding = false)}
>
  <p class="mt-3">
    {plural(changes, [
      "Your last change here is not saved yet, and nothing of the other tab is lost.",
      "Your last # changes here are not saved yet, and nothing of the other tab is lost.",
    ])}
  </p>
  <div class="mt-5 flex flex-wrap gap-3">
    <button class="btn btn-primary" onclick={() => editing.store.settle(true)}>Put my changes on top</button>
    <button class="btn btn-outline" onclick={() => editing.store.settle(false)}
      >Take the other tab's, drop mine</button
    >
    <button class="btn btn-ghost" onclick={() => (editing.store.deciding = false)}>Decide later</button>
  </div>
</Dialog>
