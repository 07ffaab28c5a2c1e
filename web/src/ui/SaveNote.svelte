<script lang="ts">
  import type { SaveState } from "../saving/state";

  let { state }: { state: SaveState } = $props();

  const words = $derived.by(() => {
    switch (state.is) {
      case "saved":
        return "Saved";
      case "saving":
        return "Saving…";
      case "offline":
        return state.kept ? "Offline: kept on this device" : "Offline: keep this page open";
      case "stopped":
        return state.message;
    }
  });
</script>

<span
  class={state.is === "saved" || state.is === "saving" ? "quiet" : "font-semibold text-warning"}
  role="status"
>
  {words}
</span>
