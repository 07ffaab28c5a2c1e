<script lang="ts">
  import { untrack } from "svelte";
  import Announcer from "../../ui/Announcer.svelte";
  import { Drawing } from "./drawing.svelte";
  import type { Editing } from "./editing.svelte";
  import Drawer from "./Drawer.svelte";
  import Header from "./Header.svelte";
  import LeftOut from "./LeftOut.svelte";
  import HandOut from "./HandOut.svelte";
  import { onKey } from "./keys";
  import Overtaken from "./Overtaken.svelte";
  import RefusedEdits from "./RefusedEdits.svelte";
  import Pages from "./Pages.svelte";
  import PagesSlip from "./PagesSlip.svelte";
  import { Paging } from "./paging.svelte";
  import Slip from "./Slip.svelte";
  import Stage from "./Stage.svelte";
  import { stepIn, STEPS } from "./steps";
  import Thumbs from "./Thumbs.svelte";

  let { editing }: { editing: Editing } = $props();

  // svelte-ignore state_referenced_locally
  const drawing = new Drawing(
    editing.id,
    new Set([...editing.document.pages, ...editing.document.aside].map(({ id }) => id)),
  );
  // svelte-ignore state_referenced_locally
  const paging = new Paging(editing);
  let step = $state(stepIn(location.hash));
  $effect(() => {
    if (editing.saves > 0) drawing.lookAgain();
  });
  $effect(() => {
    const there = new Set([...editing.document.pages, ...editing.document.aside].map(({ id }) => id));
    untrack(() => drawing.keepOnly(there));
  });
  let goTo = $state.raw<{ page: string }>();
</script>

<svelte:window
  onhashchange={() => (step = stepIn(location.hash))}
  onkeydown={(event) => step === "film" && onKey(event, editing)}
  onbeforeunload={(event) => editing.saving.is !== "saved" && editing.queue.unsaved && event.preventDefault()}
/>
<svelte:head><title>{editing.document.title} · Velum</title></svelte:head>

<Announcer />
<div
  class="grid h-dvh grid-cols-[13.5rem_1fr_17rem] grid-rows-[auto_auto_1fr] gap-x-4 overflow-hidden px-4 max-lg:grid-cols-[9rem_1fr_14rem] max-lg:gap-x-2 max-lg:px-2"
>
  <div class="col-span-3">
    <Header {editing} />
    <RefusedEdits {editing} />
    <LeftOut {editing} />
  </div>
  <nav class="col-start-2 flex items-end gap-1" aria-label="Steps">
    {#each STEPS as [name, label] (name)}
      <a
        href="#{name}"
        aria-current={step === name ? "step" : undefined}
        class="rounded-t-lg px-4 py-1.5 font-semibold {step === name
          ? 'border-t-2 border-accent bg-base-200'
          : 'quiet bg-base-200/40 hover:bg-base-200'}"
      >
        {label}
      </a>
    {/each}
  </nav>
  <div class="row-start-3 flex min-h-0 flex-col justify-between gap-4 pb-4">
    {#if step === "film"}<Drawer {editing} />{:else}<div></div>{/if}
    <Thumbs {editing} {drawing} onpick={(page) => (goTo = { page })} />
  </div>
  <main class="col-start-2 row-start-3 min-h-0 overflow-hidden rounded-tr-lg bg-base-200">
    {#if step === "pages"}
      <Pages {paging} {drawing} />
    {:else if step === "hand-out"}
      <HandOut {editing} />
    {:else}
      <Stage {editing} {drawing} {step} {goTo} />
    {/if}
  </main>
  <aside class="row-start-3 min-h-0 overflow-y-auto pb-4" aria-label="What is in hand">
    {#if step === "pages"}
      <div class="slip min-h-64 px-5 pt-6 pb-5"><PagesSlip {paging} {drawing} /></div>
    {:else}
      <Slip {editing} {paging} {drawing} {step} />
    {/if}
  </aside>
</div>
{#if editing.stale && editing.deciding}<Overtaken {editing} />{/if}
{#if editing.choosing}
  {#await import("./fixtures/PictureDialog.svelte") then { default: PictureDialog }}
    <PictureDialog then={editing.choosing} onclose={() => (editing.choosing = null)} />
  {/await}
{/if}
