<script lang="ts">
  // The slip about the pages chosen, or, when none is, about how to choose them.
  import BetterPages from "./BetterPages.svelte";
  import CutOut from "./CutOut.svelte";
  import { COARSE, type Drawing } from "./drawing.svelte";
  import type { Paging } from "./paging.svelte";
  import ReplacePaper from "./ReplacePaper.svelte";
  import Straighten from "./Straighten.svelte";

  let { paging, drawing }: { paging: Paging; drawing: Drawing } = $props();

  const chosen = $derived(paging.chosen);
  const one = $derived(chosen.length === 1 ? chosen[0] : undefined);
  const name = $derived(one ? paging.editing.store.pageName(one) : `${chosen.length} pages`);
  const dots = $derived(one ? drawing.of(one)?.dots : undefined);
  let numbers = $state("");
  let open = $state<"cut" | "straighten" | "replace">();

  function byNumber(event: SubmitEvent) {
    event.preventDefault();
    paging.chooseByNumber(numbers);
  }
</script>

{#if chosen.length === 0}
  <p class="quiet text-sm">Pages</p>
  <h2 class="text-lg break-words">{paging.editing.document.title}</h2>
  <p class="mt-3">Press pages to choose them; hold Shift to choose all up to there.</p>
  <form class="mt-4" onsubmit={byNumber}>
    <label class="field-label" for="numbers">Choose by number</label>
    <div class="flex gap-2">
      <input id="numbers" class="input w-full" placeholder="1-3, 7" bind:value={numbers} />
      <button class="btn btn-outline">Choose</button>
    </div>
  </form>
  <button class="btn btn-ghost btn-sm mt-2 -ms-3" onclick={() => paging.chooseAll()}>Choose all</button>
  <div class="mt-5 border-t border-(--hairline) pt-4">
    <p>A newer version of this paper?</p>
    <button class="btn btn-outline btn-sm mt-2" onclick={() => (open = "replace")}>Replace the paper…</button>
  </div>
  <BetterPages {paging} {drawing} pages={chosen.length > 0 ? chosen : paging.all} />
{:else}
  <p class="quiet text-sm">Chosen</p>
  <h2 class="text-lg">{name}</h2>
  <div class="mt-4 grid grid-cols-2 gap-2" role="group" aria-label="What to do with {name}">
    <button class="btn btn-outline btn-sm" onclick={() => paging.turn()}>Turn</button>
    <button class="btn btn-outline btn-sm" onclick={() => paging.double()}>Double</button>
    <button class="btn btn-outline btn-sm" disabled={!paging.canMove(-1)} onclick={() => paging.move(-1)}
      >Earlier</button
    >
    <button class="btn btn-outline btn-sm" disabled={!paging.canMove(1)} onclick={() => paging.move(1)}
      >Later</button
    >
    <button
      class="btn btn-outline btn-sm"
      disabled={chosen.length === paging.all.length}
      onclick={() => paging.setAside()}>Set aside</button
    >
    <button
      class="btn btn-outline btn-sm"
      disabled={chosen.length === paging.all.length}
      onclick={() => paging.keepOnly()}>{one ? "Keep only it" : "Keep only these"}</button
    >
    {#if one}
      <button class="btn btn-outline btn-sm" onclick={() => (open = "cut")}>Cut out…</button>
      <button class="btn btn-outline btn-sm" onclick={() => (open = "straighten")}>Straighten…</button>
    {/if}
  </div>
  <div class="mt-4 flex items-center gap-3">
    <label class="text-sm font-semibold" for="place">Move to place</label>
    <input
      id="place"
      class="input w-20 tabular-nums"
      type="number"
      min="1"
      max={paging.all.length}
      onchange={(event) => {
        const place = event.currentTarget.valueAsNumber;
        if (place >= 1) paging.moveTo(place);
        event.currentTarget.value = "";
      }}
    />
  </div>
  {#if dots && dots < COARSE}
    <p class="mt-4 heed">
      This picture has {Math.round(dots)} dots an inch. On screen that will do; printed, it looks coarse: {COARSE}
      and more are sharp.
    </p>
  {/if}
  <BetterPages {paging} {drawing} pages={chosen.length > 0 ? chosen : paging.all} />
  <button class="btn btn-ghost btn-sm mt-4 -ms-3" onclick={() => paging.chooseNone()}>Let go</button>
{/if}
{#if open === "replace"}
  <ReplacePaper {paging} onclose={() => (open = undefined)} />
{:else if one && open === "cut"}
  <CutOut {paging} page={one} onclose={() => (open = undefined)} />
{:else if one && open === "straighten"}
  <Straighten
    {paging}
    page={one}
    proposal={drawing.of(one)?.proposal ?? null}
    onclose={() => (open = undefined)}
  />
{/if}
