<script lang="ts">
  import { take, sentenceOf } from "../../api/failure";
  import { teacher, type Schemas } from "../../api/teacher";
  import Picture from "../../ui/Picture.svelte";
  import { moment, plural, list } from "../../words/say";
  import { THUMB } from "../../ui/pictures";

  let { sheet, onremoved }: { sheet: Schemas["DeskSheet"]; onremoved: () => void } = $props();

  let problem = $state("");
  let asking = $state(false);

  const editor = $derived(`/worksheets/${sheet.id}/`);
  const next = $derived.by(() => {
    if (sheet.unreadable) return { words: "Download it", href: `${editor}document.json` };
    if (sheet.newest_handout) return { words: "See the results", href: `/handouts/${sheet.newest_handout}/` };
    if (sheet.fields === 0) return { words: "Lay the fields", href: `${editor}#film` };
    if (sheet.keyed < sheet.fields)
      return { words: `Set the key (${sheet.keyed} of ${sheet.fields})`, href: `${editor}#key` };
    return { words: "Hand it out", href: `${editor}#hand-out` };
  });
  const pages = $derived(plural(sheet.pages, ["# page", "# pages"]));

  async function remove() {
    try {
      await take(
        teacher.DELETE("/api/worksheets/{worksheet_id}", { params: { path: { worksheet_id: sheet.id } } }),
      );
      onremoved();
    } catch (failure) {
      asking = false;
      problem = sentenceOf(failure);
    }
  }
</script>

<li class="group flex flex-col">
  <a
    href={editor}
    class="paper relative block aspect-[1/1.12] overflow-hidden rounded-[2px] transition-transform duration-150 hover:-translate-y-1"
    aria-label="Open {sheet.title}, {pages}"
  >
    {#if !sheet.unreadable}
      <Picture
        pictures={[[THUMB, sheet.thumb]]}
        alt=""
        class="page-picture absolute inset-x-0 top-0 w-full"
        loading="lazy"
      />
    {/if}
    {#if sheet.pages > 1}
      <span class="absolute end-2 bottom-2 rounded bg-(--sheet) px-2 py-0.5 text-sm font-semibold shadow">
        {pages}
      </span>
    {/if}
  </a>
  <h2 class="mt-3 text-lg leading-tight" dir="auto">
    <a class="hover:underline" href={editor}>{sheet.title}</a>
  </h2>
  {#if sheet.unreadable}
    <p class="text-sm font-semibold text-warning">This worksheet cannot be read. It is kept as it is.</p>
  {/if}
  <p class="quiet text-sm">
    {plural(sheet.fields, ["# field", "# fields"])} · changed {moment(sheet.changed_at)}
  </p>
  {#if sheet.waiting.length > 0}
    <p class="text-sm text-warning">
      Places were found on {plural(sheet.waiting.length, ["page", "pages"])}
      {list(sheet.waiting.map(String))} and wait
    </p>
  {/if}
  {#if problem}<p class="mt-2 text-sm font-semibold text-warning" role="alert">{problem}</p>{/if}
  <div class="mt-2 flex items-center gap-2">
    {#if asking}
      <button class="btn btn-sm btn-error" onclick={remove}>Remove for good</button>
      <button class="btn btn-ghost btn-sm" onclick={() => (asking = false)}>Keep it</button>
    {:else}
      <a class="btn btn-sm btn-primary" href={next.href}>{next.words}</a>
      {#if sheet.handouts === 0}
        <button
          class="btn btn-ghost btn-sm"
          aria-label="Remove {sheet.title}"
          onclick={() => (asking = true)}
        >
          Remove
        </button>
      {/if}
    {/if}
  </div>
</li>
