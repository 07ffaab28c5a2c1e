<script lang="ts" generics="Part">
  // A part of a screen that is loaded when it is asked for. When it cannot be, that is said, and it can be tried again.
  import { untrack, type Snippet } from "svelte";
  import NotLoaded from "./NotLoaded.svelte";

  interface Props {
    load: () => Promise<Part>;
    onclose: () => void;
    children: Snippet<[Part]>;
  }
  let { load, onclose, children }: Props = $props();

  let loading = $state.raw(untrack(() => load()));
</script>

{#await loading then part}
  {@render children(part)}
{:catch}
  <NotLoaded again={() => (loading = load())} {onclose} />
{/await}
