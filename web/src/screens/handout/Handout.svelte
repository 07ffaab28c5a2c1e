<script lang="ts">
  import type { Schemas } from "../../api/teacher";
  import Announcer from "../../ui/Announcer.svelte";
  import Logo from "../../ui/Logo.svelte";
  import { list, moment, plural } from "../../words/say";
  import NewestKey from "./NewestKey.svelte";
  import JoinCard from "./JoinCard.svelte";
  import { Live } from "./results.svelte";
  import ResultsTable from "./ResultsTable.svelte";
  import ShapeKey from "./ShapeKey.svelte";

  let { begun }: { begun: Schemas["ResultsOut"] } = $props();

  // svelte-ignore state_referenced_locally
  const live = new Live(begun);
  const handout = $derived(live.results.handout);
  const rows = $derived(live.results.rows);
  const handedIn = $derived(rows.filter((row) => row.handed_in_at).length);
  const begunOnes = $derived(
    rows.filter((row) => !row.handed_in_at && (row.saved_at || row.begun_at)).length,
  );
</script>

<Announcer />
<header class="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-3">
  <Logo />
  <div class="min-w-0 flex-1 basis-60">
    <h1 class="truncate text-xl" dir="auto">{handout.title}</h1>
    <p class="quiet text-sm">
      Handed out
      {#if handout.to_class}
        to <a href="/classes/{handout.to_class.id}/"><bdi>{handout.to_class.name}</bdi></a>{handout.to_class
          .some
          ? `, ${plural(handout.to_class.some, ["# student", "# students"])}`
          : ""},
      {/if}
      {moment(handout.created_at)}
      {#if handout.right === "own"}· <a href="/worksheets/{handout.worksheet}/">open the worksheet</a>{/if}
    </p>
  </div>
  <p role="status" class="tabular-nums">
    {#if live.reachable}
      <b>{handedIn}</b> handed in · <b>{begunOnes}</b> working · <b>{rows.length - handedIn - begunOnes}</b> not
      begun
    {:else}
      <span class="font-semibold text-warning">The server cannot be reached. This is how it stood.</span>
    {/if}
  </p>
</header>

<div class="grid gap-6 px-5 pb-8 lg:grid-cols-[19rem_1fr]">
  <JoinCard {live} />
  <main class="min-w-0">
    {#if rows.length === 0}
      <div class="rounded-lg border-2 border-dashed border-(--line) px-8 py-14 text-center">
        {#if handout.to_class}
          <h2 class="text-xl">Nobody has opened it yet</h2>
          <p class="quiet mt-2">It hangs on their pegs. Whoever opens it appears here by itself.</p>
        {:else}
          <h2 class="text-xl">Nobody has joined yet</h2>
          <p class="quiet mt-2">Show the code to your class. Whoever joins appears here by itself.</p>
        {/if}
      </div>
    {:else}
      {#if handout.to_class && handout.to_class.names !== "full"}
        <label class="mb-2 flex items-center gap-2 text-sm">
          <input type="checkbox" class="toggle toggle-sm" bind:checked={live.forOthers} />
          Names as the class may see them
        </label>
      {/if}
      <ResultsTable {live} />
      <ShapeKey />
    {/if}
    {#if live.results.awaited.length > 0}
      <p class="mt-4" data-testid="awaited">
        <b>{plural(live.results.awaited.length, ["# has not opened it:", "# have not opened it:"])}</b>
        {list(live.results.awaited.map((each) => live.nameOf(each)))}
      </p>
    {/if}
    {#if handout.right !== "own"}
      <p class="quiet mt-5 text-sm">
        {handout.right === "mark"
          ? "You mark here with a colleague."
          : "You look on here; a colleague marks."}
      </p>
    {:else if !live.results.key_is_newest}
      <NewestKey {live} />
    {:else if !handout.edition_is_newest}
      <p class="quiet mt-5 text-sm">
        You have changed the worksheet since. Students here work on it as it was when you handed it out.
      </p>
    {/if}
  </main>
</div>
