<script lang="ts">
  import { untrack } from "svelte";
  import type { SaveState } from "../saving/state";

  let { state: saving }: { state: SaveState } = $props();

  const words = $derived.by(() => {
    switch (saving.is) {
      case "saved":
        return "Saved";
      case "saving":
        return "Saving…";
      case "offline":
        return saving.kept ? "Offline: kept on this device" : "Offline: keep this page open";
      case "stopped":
        return saving.message;
    }
  });

  /** What is worth being heard: that something is wrong, and that it is right again. Not every letter that is saved. */
  let spoken = $state("");
  $effect(() => {
    if (saving.is === "offline" || saving.is === "stopped") spoken = words;
    else if (saving.is === "saved" && untrack(() => spoken)) spoken = words;
  });
</script>

<span
  class={saving.is === "saved" || saving.is === "saving" ? "quiet" : "font-semibold text-warning"}
  data-testid="saving"
>
  {words}
</span>
<span class="sr-only" role="status">{spoken}</span>
