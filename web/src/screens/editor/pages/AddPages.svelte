<script lang="ts">
  // More pages behind those there are: from files, blank ones, or ready ones.
  import { take, sentenceOf } from "../../../api/failure";
  import { teacher, type Schemas } from "../../../api/teacher";
  import ChooseFiles from "../../../bringing/ChooseFiles.svelte";
  import Progress from "../../../bringing/Progress.svelte";
  import UseCamera from "../../../bringing/UseCamera.svelte";
  import { Bringing } from "../../../bringing/bringing.svelte";
  import type { Editing } from "../state/editing.svelte";

  let { editing }: { editing: Editing } = $props();

  type Pattern = Schemas["BlankPageIn"]["pattern"];
  const PATTERNS: [Pattern, string][] = [
    ["plain", "Plain"],
    ["ruled", "Ruled"],
    ["squared", "Squared"],
    ["dotted", "Dotted"],
  ];
  type Design = Schemas["ReadyPageIn"]["design"];
  const DESIGNS: [Design, string][] = [
    ["table", "Table with headings"],
    ["circles", "Two circles that overlap"],
    ["axes", "Axes with labels"],
    ["number_line", "Number lines"],
    ["words", "Words and meanings"],
    ["story", "Plan of a story"],
    ["experiment", "Report of an experiment"],
    ["before_and_after", "Before and after"],
  ];
  /** Sides in points. */
  const SIZES = {
    a4_upright: { label: "A4 upright", sides: [595.276, 841.89] },
    a4_lying: { label: "A4 lying", sides: [841.89, 595.276] },
    letter_upright: { label: "Letter upright", sides: [612, 792] },
    letter_lying: { label: "Letter lying", sides: [792, 612] },
    another: { label: "Another size", sides: null },
  } as const;

  // svelte-ignore state_referenced_locally
  const bringing = new Bringing(editing.largestUpload, added, {
    worksheet: editing.id,
    before: () => editing.store.allSaved(),
    under: (way) => editing.store.bringIn(way),
  });
  let chosen = $state<Pattern | Design>("ruled");
  let size = $state<keyof typeof SIZES>("a4_upright");
  /** Width and height of a size of one's own, in millimetres. */
  let own = $state([210, 148]);
  let problem = $state("");

  async function added(worksheet: Schemas["WorksheetOut"], leftOut: string[] = []) {
    editing.leftOut = leftOut;
    try {
      await editing.store.pagesAdded(worksheet);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }

  async function addPage(event: SubmitEvent) {
    event.preventDefault();
    problem = "";
    const [width, height] = SIZES[size].sides ?? own.map((mm) => (mm * 72) / 25.4);
    if (!width || !height) return;
    try {
      await editing.store.allSaved();
      const params = { path: { worksheet_id: editing.id } };
      const size = { width, height };
      const design = DESIGNS.find(([name]) => name === chosen)?.[0];
      const asked = design
        ? teacher.POST("/api/worksheets/{worksheet_id}/ready-pages", { params, body: { design, ...size } })
        : teacher.POST("/api/worksheets/{worksheet_id}/blank-pages", {
            params,
            body: { pattern: chosen as Pattern, ...size },
          });
      await added(await take(asked));
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<section class="mb-8 flex flex-wrap items-end gap-x-8 gap-y-4" aria-label="Add pages">
  {#if bringing.busy}
    <Progress {bringing} />
  {:else}
    <ChooseFiles {bringing} label="Add pages from files" />
    <UseCamera {bringing} standIn={editing.standInCamera} />
    <form class="flex flex-wrap items-end gap-2" onsubmit={addPage}>
      <div>
        <label class="field-label" for="pattern">New page</label>
        <select id="pattern" class="input w-56" bind:value={chosen}>
          <optgroup label="Blank">
            {#each PATTERNS as [name, label] (name)}<option value={name}>{label}</option>{/each}
          </optgroup>
          <optgroup label="Ready, to be changed as you like">
            {#each DESIGNS as [name, label] (name)}<option value={name}>{label}</option>{/each}
          </optgroup>
        </select>
      </div>
      <div>
        <label class="field-label" for="size">Size</label>
        <select id="size" class="input w-40" bind:value={size}>
          {#each Object.entries(SIZES) as [name, { label }] (name)}<option value={name}>{label}</option
            >{/each}
        </select>
      </div>
      {#if SIZES[size].sides === null}
        {#each ["Width (mm)", "Height (mm)"] as label, i (label)}
          <div>
            <label class="field-label" for="own-{i}">{label}</label>
            <input
              id="own-{i}"
              class="input w-24 tabular-nums"
              type="number"
              min="10"
              max="5000"
              required
              bind:value={own[i]}
            />
          </div>
        {/each}
      {/if}
      <button class="btn btn-outline btn-primary">Add it</button>
    </form>
  {/if}
  {#if problem || bringing.problem}
    <p class="w-full problem" role="alert">
      {problem || bringing.problem}
    </p>
  {/if}
</section>
