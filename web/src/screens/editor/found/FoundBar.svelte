<script lang="ts">
  // What was found on all pages, and what can be done with it.
  import { kindOf } from "../../../kinds/teacher";
  import { plural } from "../../../words/say";
  import type { Editing } from "../state/editing.svelte";
  import type { FoundPlaces } from "./found.svelte";

  let { found, editing }: { found: FoundPlaces; editing: Editing } = $props();

  const all = $derived(found.all);
  let listed = $state(false);
  const pageOf = (id: string) => editing.document.pages.findIndex((page) => page.id === id) + 1;
</script>

{#if all.length > 0}
  <section
    class="absolute inset-x-3 top-3 mx-auto w-fit max-w-[calc(100%-1.5rem)] rounded-lg border border-(--hairline) bg-base-100 px-3 py-2 shadow-md"
    aria-label="Found on the pages"
  >
    <div class="flex flex-wrap items-center gap-2">
      <p class="me-2 font-semibold">{plural(all.length, ["# place found", "# places found"])}</p>
      <button class="btn btn-primary btn-sm" onclick={() => found.take(all)}
        >{all.length === 1 ? "Take it" : "Take all"}</button
      >
      <button class="btn btn-outline btn-sm" aria-expanded={listed} onclick={() => (listed = !listed)}>
        One by one
      </button>
      <button class="btn btn-ghost btn-sm" onclick={() => found.refuse(all)}>
        {all.length === 1 ? "Refuse it" : "Refuse all"}
      </button>
    </div>
    {#if listed}
      <ul class="mt-2 max-h-52 overflow-y-auto">
        {#each all as field (field.id)}
          <li class="flex items-center gap-3 py-0.5">
            <button class="btn btn-outline btn-xs" onclick={() => found.take([field])}>Take</button>
            <button class="btn btn-ghost btn-xs" onclick={() => found.refuse([field])}>Refuse</button>
            <span class="min-w-0 truncate text-sm">
              {#if field.number}<b>{field.number}</b>{/if}
              {kindOf(field).label}, page {pageOf(field.page)}
              <span class="quiet" dir="auto">{field.name}</span>
            </span>
          </li>
        {/each}
      </ul>
    {/if}
  </section>
{/if}
