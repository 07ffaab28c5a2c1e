<script lang="ts">
  // A newer version of the paper, put under the fields: both are seen before, and what needs a look is listed after.
  import { list, number, plural } from "../../../words/say";
  import Dialog from "../../../ui/Dialog.svelte";
  import { take, sentenceOf } from "../../../api/failure";
  import { teacher, type Edit, type Field, type Page, type Schemas } from "../../../api/teacher";
  import { Bringing } from "../../../bringing/bringing.svelte";
  import ChooseFiles from "../../../bringing/ChooseFiles.svelte";
  import Progress from "../../../bringing/Progress.svelte";
  import Picture from "../../../ui/Picture.svelte";
  import { address, LAPTOP } from "../../../ui/pictures";
  import type { Paging } from "./paging.svelte";

  let { paging, onclose }: { paging: Paging; onclose: () => void } = $props();

  type Replacement = Schemas["Replacement"];
  interface Pair {
    page: Page;
    other: Page;
    plan: Replacement | undefined;
    use: boolean;
  }

  const HEIGHT = 300;

  // svelte-ignore state_referenced_locally
  const editing = paging.editing;
  const pictures = `/worksheets/${editing.id}/pages/`;
  let pairs = $state.raw<Pair[]>([]);
  let without = $state.raw<Page[]>([]);
  let problem = $state("");

  const bringing = new Bringing(editing.largestUpload, (worksheet) => void compare(worksheet), {
    worksheet: editing.id,
    aside: true,
    before: () => editing.store.allSaved(),
    under: (way) => editing.store.bringIn(way),
  });

  const wanted = $derived(pairs.filter(({ use }) => use));
  const ready = $derived(wanted.length > 0 && wanted.every(({ plan }) => plan));

  /** Pair each page with the page of the new file that has its number, and see what moved. */
  async function compare(worksheet: Schemas["WorksheetOut"]) {
    const known = new Set(editing.document.aside.map(({ id }) => id));
    const added = worksheet.document.aside.filter(({ id }) => !known.has(id));
    await editing.store.replaced(worksheet);
    const first = paging.all[0];
    const old = paging.chosen[0]?.source ?? first?.source;
    const mine = paging.all.filter((page) => page.source === old);
    pairs = mine.flatMap((page) => {
      const other = added.find(({ number }) => number === page.number);
      return other ? [{ page, other, plan: undefined, use: true }] : [];
    });
    without = mine.filter((page) => !added.some(({ number }) => number === page.number));
    try {
      for (const { page, other } of pairs) {
        const params = { path: { worksheet_id: editing.id, page_id: page.id } };
        const plan = await take(
          teacher.POST("/api/worksheets/{worksheet_id}/pages/{page_id}/replacement", {
            params,
            body: { with_id: other.id },
          }),
        );
        pairs = pairs.map((pair) => (pair.page.id === page.id ? { ...pair, plan } : pair));
      }
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }

  function use() {
    const edits = wanted.flatMap(({ page, other, plan }): Edit[] => [
      { op: "swap_paper", page_id: page.id, with_id: other.id },
      ...(plan?.fields ?? []).map((field): Edit => ({ op: "change", field })),
      ...(plan?.fixtures ?? []).map((fixture): Edit => ({ op: "change_fixture", fixture })),
    ]);
    const label = plural(wanted.length, ["Paper replaced", "Paper of # pages replaced"]);
    editing.do({ label, edits });
    editing.toLookAt = wanted.flatMap(({ plan }) => plan?.doubtful ?? []);
    onclose();
  }

  /** The fields of a page as they will lie. */
  function moved(page: Page, plan: Replacement | undefined): Field[] {
    const there = new Map(plan?.fields.map((field) => [field.id, field]));
    return editing.store.fieldsOn(page).map((field) => there.get(field.id) ?? field);
  }

  const mm = (points: number) => number(Math.round(Math.abs(points) * 3.528) / 10);

  function inWords({ right, down }: Replacement): string {
    const across =
      right > 0 ? `To the right: ${mm(right)} mm.` : right < 0 ? `To the left: ${mm(right)} mm.` : "";
    const along = down > 0 ? `Down: ${mm(down)} mm.` : down < 0 ? `Up: ${mm(down)} mm.` : "";
    return across || along ? `All moved, and the boxes go along. ${across} ${along}` : "Nothing moved.";
  }
</script>

{#snippet seen(page: Page, name: string, boxes: Field[], doubtful: string[])}
  {@const scale = HEIGHT / page.height}
  <div class="paper relative overflow-hidden" style:width="{page.width * scale}px" style:height="{HEIGHT}px">
    <Picture
      class="page-picture h-full w-full"
      pictures={[[LAPTOP, address(pictures, page, LAPTOP)]]}
      alt={name}
    />
    {#each boxes as { id, box } (id)}
      <span
        class="absolute {doubtful.includes(id)
          ? 'bg-(--rust)/20 outline-2 outline-(--rust) outline-dashed'
          : 'bg-(--film)/15 outline-1 outline-(--film)'}"
        style:left="{box.x * scale}px"
        style:top="{box.y * scale}px"
        style:width="{box.width * scale}px"
        style:height="{box.height * scale}px"
      ></span>
    {/each}
  </div>
{/snippet}

<Dialog
  title="Replace the paper"
  class="w-[min(64rem,96vw)]"
  unsaved={pairs.length > 0 ? "The new version is not under the boxes yet." : ""}
  {onclose}
>
  <p class="quiet text-sm">
    A newer version of the same paper comes under the boxes. The old one is set aside, and can be brought
    back.
  </p>
  {#if pairs.length === 0 && without.length === 0}
    <div class="mt-5 flex flex-wrap items-center gap-4">
      {#if bringing.busy}<Progress {bringing} />{:else}<ChooseFiles
          {bringing}
          label="Choose the new version"
        />{/if}
    </div>
  {/if}
  <ul class="mt-4 space-y-6" aria-label="Pages and their new versions">
    {#each pairs as { page, other, plan, use: used }, i (page.id)}
      <li class="flex flex-wrap gap-5">
        <figure>
          <figcaption class="field-label">{editing.store.pageName(page)} now</figcaption>
          {@render seen(page, `${editing.store.pageName(page)} now`, editing.store.fieldsOn(page), [])}
        </figure>
        <figure>
          <figcaption class="field-label">New version</figcaption>
          {@render seen(
            other,
            `${editing.store.pageName(page)}, new version`,
            moved(page, plan),
            plan?.doubtful ?? [],
          )}
        </figure>
        <div class="min-w-0 flex-1 basis-48">
          <p role="status">
            {#if plan}
              {inWords(plan)}
              {plan.doubtful.length === 0
                ? "No box needs a look."
                : plural(plan.doubtful.length, [
                    "# box needs a look: what is printed about it has changed.",
                    "# boxes need a look: what is printed about them has changed.",
                  ])}
            {:else}
              Comparing…
            {/if}
          </p>
          <label class="mt-3 flex items-center gap-2 font-semibold">
            <input
              type="checkbox"
              class="toggle toggle-secondary"
              checked={used}
              onchange={(event) => {
                const use = event.currentTarget.checked;
                pairs = pairs.map((pair, k) => (k === i ? { ...pair, use } : pair));
              }}
            />
            Replace this page
          </label>
        </div>
      </li>
    {/each}
  </ul>
  {#if without.length > 0}
    <p class="mt-4 heed">
      The new version has no page for {list(without.map((page) => editing.store.pageName(page)))}. What is
      there is kept.
    </p>
  {/if}
  {#if problem || bringing.problem}
    <p class="mt-4 problem" role="alert">
      {problem || bringing.problem}
    </p>
  {/if}
  <div class="mt-5 flex justify-end gap-3">
    <button class="btn btn-outline" onclick={onclose}>Cancel</button>
    <button class="btn btn-primary" disabled={!ready} onclick={use}>Use the new version</button>
  </div>
</Dialog>
