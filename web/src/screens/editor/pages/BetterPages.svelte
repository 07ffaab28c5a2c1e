<script lang="ts">
  // Pages that would be better straightened: offered, never forced.
  import { plural } from "../../../words/say";
  import { sentenceOf } from "../../../api/failure";
  import type { Page } from "../../../api/teacher";
  import type { Drawing } from "./drawing.svelte";
  import type { Paging } from "./paging.svelte";

  let { paging, drawing, pages }: { paging: Paging; drawing: Drawing; pages: Page[] } = $props();

  const wishes = $derived(
    pages.flatMap((page) => {
      const proposal = drawing.of(page)?.proposal;
      return proposal
        ? [{ page, corners: proposal.corners, whiten: proposal.whiten, turn: proposal.turn }]
        : [];
    }),
  );
  const one = $derived(wishes.length === 1 ? wishes[0] : undefined);
  let busy = $state(false);
  let problem = $state("");

  async function straighten() {
    busy = true;
    problem = "";
    try {
      await paging.straighten(wishes);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }
</script>

{#if wishes.length > 0}
  <div class="mt-5 border-s-4 border-accent ps-3">
    <p>
      {one
        ? `${paging.editing.store.pageName(one.page)} lies askew or in shadow.`
        : plural(wishes.length, ["# page lies askew or in shadow.", "# pages lie askew or in shadow."])}
      The file stays as it is, so this can always be taken back.
    </p>
    <button class="btn btn-outline btn-sm btn-primary mt-2" disabled={busy} onclick={straighten}>
      {busy ? "Straightening…" : one ? "Straighten it" : `Straighten all ${wishes.length}`}
    </button>
  </div>
{/if}
{#if problem}
  <p class="mt-3 problem" role="alert">{problem}</p>
{/if}
