<script lang="ts">
  import { plural } from "../../words/say";
  // Edits that the server does not take: each can be corrected, or left out. Everything else is saved.
  import type { Edit } from "../../api/teacher";
  import { sentenceOf } from "../../api/failure";
  import { subjectOf } from "../../worksheet/edits";
  import { isField, lying, type Placed } from "../../worksheet/lying";
  import type { Editing } from "./state/editing.svelte";

  let { editing }: { editing: Editing } = $props();

  let problem = $state("");

  /** What an edit is about, if it still lies on a page. */
  function placed(edit: Edit): Placed | undefined {
    const id =
      "field" in edit
        ? edit.field.id
        : "field_id" in edit
          ? edit.field_id
          : "fixture" in edit
            ? edit.fixture.id
            : "fixture_id" in edit
              ? edit.fixture_id
              : undefined;
    return id === undefined ? undefined : lying(editing.document, [id])[0];
  }

  function name(edit: Edit): string {
    const about = placed(edit);
    if (about && edit.op === "set_key") return `The key of ${editing.name(about)}`;
    if (about) return editing.name(about);
    if (edit.op === "rename") return "The title";
    return subjectOf(edit).startsWith("page") ? "A page" : "A change";
  }

  /** Take in hand what is to be corrected. */
  function correct(about: Placed, edit: Edit) {
    location.hash = edit.op === "set_key" ? "#key" : "#film";
    editing.hand.select([about.id]);
    if (!isField(about) && (about.kind === "text" || about.kind === "table")) editing.hand.writing = about.id;
  }

  async function leaveOut(edit: Edit) {
    problem = "";
    try {
      await editing.store.leaveOut(subjectOf(edit));
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

{#if editing.store.refused.length > 0}
  <section
    class="mb-2 max-h-[30dvh] overflow-y-auto heed bg-base-100 px-4 py-2"
    aria-label="Not saved"
    role="status"
  >
    <p class="font-semibold text-warning">
      {plural(editing.store.refused.length, [
        "One change could not be saved. Everything else is.",
        "# changes could not be saved. Everything else is.",
      ])}
    </p>
    <ul>
      {#each editing.store.refused as { edit, message } (subjectOf(edit))}
        {@const about = placed(edit)}
        <li class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
          <span class="min-w-0 flex-1 basis-64"><b>{name(edit)}</b>: {message}</span>
          {#if about}
            <button class="btn btn-outline btn-sm" onclick={() => correct(about, edit)}>Correct it</button>
          {/if}
          <button class="btn btn-ghost btn-sm" onclick={() => editing.store.queue.tryAgain(subjectOf(edit))}
            >Try again</button
          >
          <button class="btn btn-ghost btn-sm" onclick={() => leaveOut(edit)}>Leave it out</button>
        </li>
      {/each}
    </ul>
    {#if problem}<p class="mt-1 text-sm font-semibold text-warning" role="alert">{problem}</p>{/if}
  </section>
{/if}
