<script lang="ts">
  // What is missing or doubtful, each leading to the field that it is about.
  import { take } from "../../../api/failure";
  import { teacher, type Schemas } from "../../../api/teacher";
  import type { Editing } from "../state/editing.svelte";
  import { tick } from "svelte";
  import type { FoundPlaces } from "../found/found.svelte";
  import { lookAt } from "../look_at";

  let { editing, found: places }: { editing: Editing; found: FoundPlaces } = $props();

  type Finding = Schemas["FindingOut"];

  /** Milliseconds after the last change before it is looked over again. */
  const PAUSE = 400;
  const SAYS: Record<Finding["doubt"], string> = {
    nothing: "There is nothing to answer on it yet.",
    no_key: "No right answer: what students write there waits for you.",
    doubtful_key: "The right answer can be read in several ways.",
    no_points: "No points: an opinion, which is not marked.",
    same_number: "The same number twice.",
    overlap: "They lie over each other.",
    off_page: "It reaches beyond the page.",
    too_small: "Small to touch with a finger.",
  };
  /** The step in which it is put right. */
  const IN_THE_KEY = ["no_key", "doubtful_key"];

  let findings = $state.raw<Finding[]>();

  $effect(() => {
    void editing.store.saves;
    const params = { path: { worksheet_id: editing.id } };
    const asked = setTimeout(() => {
      take(teacher.GET("/api/worksheets/{worksheet_id}/look-over", { params })).then(
        (found) => (findings = found),
        () => undefined,
      );
    }, PAUSE);
    return () => clearTimeout(asked);
  });

  const waiting = $derived(
    editing.document.pages
      .map((page, i) => ({ page, number: i + 1, count: places.on(page).length }))
      .filter(({ count }) => count > 0),
  );

  /** Show a page whose places wait. */
  function showPage(id: string) {
    location.hash = "film";
    void tick().then(() => document.getElementById(`page-${id}`)?.scrollIntoView({ block: "start" }));
  }

  const doubts = $derived(Object.keys(SAYS) as Finding["doubt"][]);
  const of = (doubt: Finding["doubt"]) => (findings ?? []).filter((finding) => finding.doubt === doubt);
  const number = (id: string) => {
    const field = editing.store.fields.find((field) => field.id === id);
    return field ? editing.store.number(field) : "";
  };
</script>

{#if findings}
  <section aria-label="Look-over">
    <h3 class="text-base">Look-over</h3>
    {#if waiting.length > 0}
      <div class="mt-3 heed text-sm">
        <p>Places that were found wait to be taken or refused:</p>
        <ul class="mt-1.5 flex flex-wrap gap-1.5">
          {#each waiting as { page, number, count } (page.id)}
            <li>
              <button class="btn btn-outline btn-xs" onclick={() => showPage(page.id)}
                >Page {number}: {count}</button
              >
            </li>
          {/each}
        </ul>
      </div>
    {/if}
    {#if findings.length === 0 && waiting.length === 0}
      <p class="quiet text-sm">Nothing is missing, and nothing is doubtful.</p>
    {/if}
    {#each doubts as doubt (doubt)}
      {@const found = of(doubt)}
      {#if found.length > 0}
        <div class="mt-3 heed text-sm">
          <p>{SAYS[doubt]}</p>
          <ul class="mt-1.5 flex flex-wrap gap-1.5">
            {#each found as finding (finding.fields.join())}
              {@const [first] = finding.fields}
              {#if first}
                <li>
                  <button
                    class="btn btn-outline btn-xs tabular-nums"
                    title={finding.words || undefined}
                    onclick={() =>
                      lookAt(editing, finding.fields, IN_THE_KEY.includes(doubt) ? "key" : "film")}
                    ><span class="sr-only">Go to </span>{finding.fields.map(number).join(" + ")}</button
                  >
                  {#if finding.words}<span class="quiet">{finding.words}</span>{/if}
                </li>
              {/if}
            {/each}
          </ul>
        </div>
      {/if}
    {/each}
  </section>
{/if}
