<script lang="ts">
  // The pages of the worksheet on the light table: chosen here, worked on from the slip beside them.
  import { plural } from "../../../words/say";
  import { Gradually } from "../../../ui/gradually.svelte";
  import AddPages from "./AddPages.svelte";
  import { COARSE, type Drawing } from "./drawing.svelte";
  import PageThumb from "./PageThumb.svelte";
  import type { Paging } from "./paging.svelte";

  let { paging, drawing }: { paging: Paging; drawing: Drawing } = $props();

  const editing = $derived(paging.editing);
  const aside = $derived(editing.document.aside);
  const built = new Gradually(12, () => paging.all.length);

  /** Points to millimetres. */
  const mm = (points: number) => Math.round((points * 25.4) / 72);
  const fields = (n: number) => plural(n, ["# field", "# fields"]);
</script>

<div class="h-full overflow-y-auto p-7">
  <AddPages {editing} />
  <ol class="grid grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] items-end gap-7" aria-label="Pages">
    {#each paging.all.slice(0, built.count) as page, i (page.id)}
      {@const chosen = paging.isChosen(page)}
      {@const found = drawing.of(page)}
      <li>
        <PageThumb
          {editing}
          {drawing}
          {page}
          label="Page {i + 1}"
          {chosen}
          onpress={(event) => paging.choose(page, !chosen, event.shiftKey)}
        />
        <p class="mt-2 font-semibold">
          Page {i + 1}
          {#if found?.proposal}
            <span class="text-sm text-warning">· could be better</span>
          {:else if found?.dots && found.dots < COARSE}
            <span class="text-sm text-warning">· coarse for print</span>
          {/if}
        </p>
        <p class="quiet text-sm">
          {mm(page.width)} × {mm(page.height)} mm · {fields(editing.store.fieldsOn(page).length)}
        </p>
      </li>
    {/each}
  </ol>
  {#if aside.length > 0}
    <details class="mt-10" open={aside.length < 12}>
      <summary class="cursor-pointer font-serif text-lg font-semibold">Set aside: {aside.length}</summary>
      <p class="quiet mb-4">Students do not see these pages.</p>
      <ul
        class="grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] items-end gap-6"
        aria-label="Pages set aside"
      >
        {#each aside as page, i (page.id)}
          <li>
            <div class="opacity-60"><PageThumb {editing} {drawing} {page} /></div>
            <button
              class="btn btn-outline btn-sm mt-2"
              aria-label="Bring back page set aside {i + 1}"
              onclick={() => paging.bringBack(page)}>Bring back</button
            >
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</div>
