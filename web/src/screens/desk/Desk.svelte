<script lang="ts">
  import { forgetCopied } from "../editor/state/clipboard";
  import { plural } from "../../words/say";
  import { teacher, type Schemas } from "../../api/teacher";
  import Announcer from "../../ui/Announcer.svelte";
  import TeacherHeader from "../../teaching/TeacherHeader.svelte";
  import type { Begun } from "./begun";
  import BringIn from "./BringIn.svelte";
  import DeskSheet from "./DeskSheet.svelte";

  let { begun }: { begun: Begun } = $props();

  /** Milliseconds that typing may pause before it is looked for. */
  const PAUSE = 250;

  const sheets = $derived(begun.worksheets);
  let removed = $state.raw<string[]>([]);
  let words = $state("");
  /** What holds the words; undefined while none are typed. */
  let found = $state.raw<Schemas["DeskSheet"][]>();
  let pause: ReturnType<typeof setTimeout> | undefined;

  function look() {
    clearTimeout(pause);
    pause = setTimeout(async () => {
      const typed = words.trim();
      const query = { words: typed };
      const { data } = typed
        ? await teacher.GET("/api/worksheets", { params: { query } }).catch(() => ({ data: undefined }))
        : { data: undefined };
      if (words.trim() === typed) found = data;
    }, PAUSE);
  }
</script>

<Announcer />
<TeacherHeader here="worksheets" email={begun.email} onsignout={() => forgetCopied()} />

<main class="mx-auto max-w-6xl px-5 pb-16">
  <h1 class="sr-only">Your desk</h1>
  <BringIn
    largest={begun.largest_upload}
    standIn={begun.stand_in_camera}
    first={sheets.length === removed.length}
  />
  {#if begun.worksheets.length > 0}
    <label class="mt-9 flex flex-wrap items-center gap-3">
      <span class="font-semibold">Find a worksheet</span>
      <input
        class="input w-72"
        type="search"
        placeholder="A word of its title or its pages"
        maxlength="200"
        bind:value={words}
        oninput={() => look()}
      />
      <span class="quiet" role="status">
        {found ? plural(found.length, ["# worksheet", "# worksheets"]) : ""}
      </span>
    </label>
    <ul class="mt-6 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-7 gap-y-9">
      {#each (found ?? sheets).filter(({ id }) => !removed.includes(id)) as sheet (sheet.id)}
        <DeskSheet {sheet} onremoved={() => (removed = [...removed, sheet.id])} />
      {/each}
    </ul>
  {/if}
</main>
