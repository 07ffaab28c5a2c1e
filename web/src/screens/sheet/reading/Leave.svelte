<script lang="ts">
  // Takes the sheet off this device, for whoever uses it next. Nothing is left behind that the server does not have.
  import { csrfToken } from "../../../api/begin";
  import { eraseCopies } from "../../../offline/erase";
  import { leaveOffline } from "../offline";
  import type { Working } from "../working.svelte";

  let { working }: { working: Working } = $props();

  let form = $state<HTMLFormElement>();
  let problem = $state("");
  let leaving = $state(false);

  async function leave() {
    leaving = true;
    problem = "";
    if (await working.leaveDevice()) {
      await eraseCopies([working.copy.id]);
      await leaveOffline(working.copy.id);
      form?.submit();
    } else {
      problem = "Something you wrote is on this device alone. Stay until all is saved.";
      leaving = false;
    }
  }
</script>

{#if working.copy.trial}
  <p class="quiet text-sm">You try this sheet out. Nothing of it counts.</p>
{:else if working.copy.return_code === null}
  <p><a class="btn btn-outline h-11" href="/peg/">Back to your peg</a></p>
  <p class="quiet mt-1 text-sm">You sign out there.</p>
{:else}
  <form bind:this={form} method="post" action="/c/{working.copy.id}/leave/">
    <input type="hidden" name="csrfmiddlewaretoken" value={csrfToken()} />
    <p class="font-semibold">Does somebody else use this device next?</p>
    <p class="quiet mt-1 text-sm">
      Then take your sheet off it. Your return code opens it again: <b translate="no"
        ><bdi>{working.copy.return_code}</bdi></b
      >.
    </p>
    <button type="button" class="btn btn-outline mt-2 h-11" disabled={leaving} onclick={leave}
      >Take my sheet off this device</button
    >
    {#if problem}<p class="problem mt-2" role="alert">{problem}</p>{/if}
  </form>
{/if}
