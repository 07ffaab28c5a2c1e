<script lang="ts">
  // The key was changed after the worksheet was handed out: what it would change is shown, then everybody is marked by it.
  import { list } from "../../words/say";
  import { sentenceOf } from "../../api/failure";
  import type { Schemas } from "../../api/teacher";
  import type { Live } from "./results.svelte";

  let { live }: { live: Live } = $props();

  let busy = $state(false);
  let problem = $state("");
  let preview = $state.raw<Schemas["NewKeyPreviewOut"]>();

  async function attempt(work: () => Promise<unknown>) {
    busy = true;
    problem = "";
    try {
      await work();
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }

  const changed = $derived(preview?.changed ?? []);

  $effect(() => void attempt(async () => (preview = await live.previewNewestKey())));
</script>

<div class="mt-5 border-s-4 border-accent ps-3">
  <p>
    {changed.length === 0
      ? "You have changed the right answers since."
      : changed.length === 1
        ? `You have changed the right answer of question ${changed[0]} since.`
        : `You have changed the right answers of questions ${list(changed)} since.`}
    Everybody here is marked by the old ones.
  </p>
  {#if preview && preview.doubtful.length > 0}
    <ul class="mt-2 text-warning" aria-label="Look at these first">
      {#each preview.doubtful as { number, words } (number)}
        <li class="font-semibold">Question {number}: {words}</li>
      {/each}
    </ul>
    <p class="text-sm">Your students have the sheet as it was handed out.</p>
  {/if}
  <button
    class="btn btn-outline btn-sm mt-2"
    disabled={busy}
    onclick={() => attempt(() => live.useNewestKey())}
  >
    Mark everybody by the new right answers
  </button>
  {#if problem}<p class="mt-2 font-semibold text-warning" role="alert">{problem}</p>{/if}
</div>
