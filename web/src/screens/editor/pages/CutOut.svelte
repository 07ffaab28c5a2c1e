<script lang="ts">
  // Regions of a page, drawn on it, that become pages of their own.
  import { plural } from "../../../words/say";
  import Dialog from "../../../ui/Dialog.svelte";
  import { sentenceOf } from "../../../api/failure";
  import type { Box, Page } from "../../../api/teacher";
  import { rounded } from "../../../canvas/box";
  import type { Paging } from "./paging.svelte";
  import Regions from "./Regions.svelte";

  let { paging, page, onclose }: { paging: Paging; page: Page; onclose: () => void } = $props();

  let drawing = $state<ReturnType<typeof Regions>>();
  let regions = $state.raw<readonly Box[]>([]);
  let problem = $state("");
  let busy = $state(false);
  const name = $derived(paging.editing.store.pageName(page));

  async function cut() {
    busy = true;
    problem = "";
    try {
      await paging.cutOut(page, regions.map(rounded));
      onclose();
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }
</script>

<Dialog
  title="Cut regions out of {name}"
  class="h-[94dvh] w-[min(64rem,94vw)]"
  unsaved={regions.length > 0 ? "The regions are not pages yet." : ""}
  {onclose}
>
  <div class="flex h-full flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 pb-4">
      <div class="min-w-0 flex-1 basis-72">
        <p class="quiet text-sm">
          Draw around a question, then the next. Each becomes a page of its own, in this order.
        </p>
      </div>
      <button class="btn btn-outline" onclick={() => drawing?.addBelow()}>Add a region</button>
      <button class="btn btn-outline" onclick={onclose}>Cancel</button>
      <button class="btn btn-primary" disabled={regions.length === 0 || busy} onclick={cut}>
        {plural(regions.length, ["Make # page", "Make # pages"])}
      </button>
    </div>
    {#if problem}
      <p class="mx-6 mb-3 problem" role="alert">
        {problem}
      </p>
    {/if}
    <Regions
      bind:this={drawing}
      bind:regions
      {page}
      {name}
      pictures="/worksheets/{paging.editing.id}/pages/"
    />
  </div>
</Dialog>
