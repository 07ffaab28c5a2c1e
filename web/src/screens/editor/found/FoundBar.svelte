<script lang="ts">
  // What was found on all pages, and what can be done with it.
  import type { Field } from "../../../api/teacher";
  import { kindOf } from "../../../kinds/teacher";
  import { plural } from "../../../words/say";
  import type { Editing } from "../state/editing.svelte";
  import type { FoundPlaces } from "./found.svelte";

  interface Props {
    found: FoundPlaces;
    editing: Editing;
    /** Whether the pages are seen, so that a region of them can be drawn. */
    onFilm: boolean;
  }
  let { found, editing, onFilm }: Props = $props();

  const all = $derived(found.all);
  let listed = $state(false);
  const pageOf = (id: string) => editing.document.pages.findIndex((page) => page.id === id) + 1;

  function takeOtherwise(field: Field, which: number) {
    const other = found.otherwise(field)[which];
    if (other) found.take(other.fields);
  }
</script>

{#if all.length > 0}
  <section
    class="absolute inset-x-3 {onFilm
      ? 'top-3'
      : 'bottom-3'} mx-auto w-fit max-w-[calc(100%-1.5rem)] rounded-lg border border-(--hairline) bg-base-100 px-3 py-2 shadow-md"
    aria-label="Found on the pages"
    data-found-bar
  >
    <div class="flex flex-wrap items-center gap-2">
      <p class="me-2 font-semibold">{plural(all.length, ["# place found", "# places found"])}</p>
      <button class="btn btn-primary btn-sm" onclick={() => found.take(all)}
        >{all.length === 1 ? "Take it" : "Take all"}</button
      >
      {#if onFilm && all.length > 1}
        <button
          class="btn btn-sm {found.gathering ? 'btn-primary' : 'btn-outline'}"
          aria-pressed={found.gathering}
          onclick={() => (found.gathering = !found.gathering)}>In a region</button
        >
      {/if}
      <button class="btn btn-outline btn-sm" aria-expanded={listed} onclick={() => (listed = !listed)}>
        One by one
      </button>
      <button class="btn btn-ghost btn-sm" onclick={() => found.refuse(all)}>
        {all.length === 1 ? "Refuse it" : "Refuse all"}
      </button>
    </div>
    {#each found.banks as bank (bank.page.id)}
      <p class="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <span class="min-w-0 flex-1" dir="auto"
          >Words are printed on page {pageOf(bank.page.id)}: {bank.bank.words.slice(0, 4).join(", ")}{bank
            .bank.words.length > 4
            ? " …"
            : ""}</span
        >
        <button class="btn btn-outline btn-xs" onclick={() => found.takeAsSlots(bank)}
          >{plural(bank.blanks.length, ["# blank as a slot for them", "# blanks as slots for them"])}</button
        >
      </p>
    {/each}
    {#if found.gathering}<p class="text-sm">Draw a frame on the page: what was found in it is taken.</p>{/if}
    {#if listed}
      <ul class="mt-2 max-h-52 overflow-y-auto">
        {#each all as field (field.id)}
          <li class="flex items-center gap-3 py-0.5">
            <button class="btn btn-outline btn-xs" onclick={() => found.take([field])}>Take</button>
            <button class="btn btn-ghost btn-xs" onclick={() => found.refuse([field])}>Refuse</button>
            <select
              class="select select-xs w-28"
              aria-label="Take it otherwise"
              value=""
              onchange={(event) => takeOtherwise(field, Number(event.currentTarget.value))}
            >
              <option value="" disabled>Take as …</option>
              {#each found.otherwise(field) as { label }, i (label)}<option value={i}>{label}</option>{/each}
            </select>
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
