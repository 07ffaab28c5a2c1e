<script lang="ts">
  // What of the files that were brought in could not be read.
  import { leftOut } from "../../bringing/left_out";
  import type { Editing } from "./state/editing.svelte";

  let { editing }: { editing: Editing } = $props();

  // svelte-ignore state_referenced_locally
  editing.leftOut = leftOut(editing.id);
</script>

{#if editing.leftOut.length > 0}
  <section class="mb-2 flex items-start gap-3 heed" aria-label="Left out" role="status">
    <p class="flex-1 font-semibold text-warning">{editing.leftOut.join(" ")} All the rest was brought in.</p>
    <button class="btn btn-ghost btn-sm" onclick={() => (editing.leftOut = [])}>I have seen it</button>
  </section>
{/if}
