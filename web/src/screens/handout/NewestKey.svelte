<script lang="ts">
  // The key was changed after the worksheet was handed out: mark by the new one, for everybody.
  import { Failure } from "../../api/failure";
  import type { Live } from "./results.svelte";

  let { live }: { live: Live } = $props();

  let busy = $state(false);
  let problem = $state("");

  async function mark() {
    busy = true;
    problem = "";
    try {
      await live.useNewestKey();
    } catch (failure) {
      problem = failure instanceof Failure ? failure.message : String(failure);
    }
    busy = false;
  }
</script>

<div class="mt-5 border-l-4 border-accent pl-3">
  <p>You have changed the right answers since. Everybody here is marked by the old ones.</p>
  <button class="btn btn-outline btn-sm mt-2" disabled={busy} onclick={mark}>
    Mark everybody by the new right answers
  </button>
  {#if problem}<p class="mt-2 font-semibold text-warning" role="alert">{problem}</p>{/if}
</div>
