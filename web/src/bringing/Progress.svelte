<script lang="ts">
  // A file on its way, or waiting for its password.
  import type { Bringing } from "./bringing.svelte";

  let { bringing }: { bringing: Bringing } = $props();

  let password = $state("");
  const file = $derived(bringing.file);
  const which = $derived(
    bringing.files.length > 1 ? ` (${bringing.at + 1} of ${bringing.files.length})` : "",
  );

  function unlock(event: SubmitEvent) {
    event.preventDefault();
    const typed = password;
    password = "";
    void bringing.unlock(typed);
  }

  function focused(element: HTMLElement) {
    element.focus();
  }
</script>

{#if file && bringing.locked}
  <form class="min-w-0 flex-1" onsubmit={unlock}>
    <label class="field-label" for="password">{file.name}: {bringing.locked}</label>
    <div class="flex flex-wrap gap-2">
      <input
        id="password"
        class="input w-72"
        type="password"
        autocomplete="off"
        required
        bind:value={password}
        {@attach focused}
      />
      <button class="btn btn-primary">Open it</button>
      <button class="btn btn-outline" type="button" onclick={() => bringing.cancel()}>Cancel</button>
    </div>
  </form>
{:else if file}
  <div class="min-w-0 flex-1">
    <p class="truncate font-semibold">{file.name}{which}</p>
    <progress class="progress mt-2 w-full progress-secondary" value={bringing.sent} max="1" aria-label="Sent"
    ></progress>
    <p class="quiet text-sm" role="status">
      {bringing.sent < 1 ? `Sending: ${Math.round(bringing.sent * 100)} %` : "Reading the pages…"}
    </p>
  </div>
  <button class="btn btn-outline" onclick={() => bringing.cancel()}>Cancel</button>
{/if}
