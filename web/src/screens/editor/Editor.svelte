<script lang="ts">
  import Later from "../../ui/Later.svelte";
  import { tick, untrack } from "svelte";
  import type { Field } from "../../api/teacher";
  import Announcer from "../../ui/Announcer.svelte";
  import { Drawing } from "./pages/drawing.svelte";
  import type { Editing } from "./state/editing.svelte";
  import Drawer from "./film/Drawer.svelte";
  import Header from "./Header.svelte";
  import LeftOut from "./LeftOut.svelte";
  import HandOut from "./hand_out/HandOut.svelte";
  import type { Fit } from "../../canvas/zoom";
  import type { Sight } from "../../canvas/sight";
  import { focusOn } from "./film/keys";
  import { FoundPlaces } from "./found/found.svelte";
  import FoundBar from "./found/FoundBar.svelte";
  import FieldList from "./list/FieldList.svelte";
  import { lookAt } from "./look_at";
  import { types, undoKey } from "./state/undo_keys";
  import Overtaken from "./Overtaken.svelte";
  import RefusedEdits from "./RefusedEdits.svelte";
  import Pages from "./pages/Pages.svelte";
  import PagesSlip from "./pages/PagesSlip.svelte";
  import { Paging } from "./pages/paging.svelte";
  import Slip from "./slip/Slip.svelte";
  import Stage from "./film/Stage.svelte";
  import { stepIn } from "./steps";
  import Thumbs from "./pages/Thumbs.svelte";

  let { editing }: { editing: Editing } = $props();

  // svelte-ignore state_referenced_locally
  const drawing = new Drawing(
    editing.id,
    new Set([...editing.document.pages, ...editing.document.aside].map(({ id }) => id)),
  );
  // svelte-ignore state_referenced_locally
  const paging = new Paging(editing);
  // svelte-ignore state_referenced_locally
  const found = new FoundPlaces(editing);
  $effect(() => {
    // Again when pages are others or shown otherwise, and as more is found out about them.
    void [editing.document.pages, drawing.surveyed, drawing.done];
    const asked = setTimeout(() => void found.look(), 400);
    return () => clearTimeout(asked);
  });
  let step = $state(stepIn(location.hash));
  $effect(() => {
    if (editing.store.saves > 0)
      drawing.lookAgain(untrack(() => [editing.document.pages, editing.document.aside]));
  });
  $effect(() => {
    const there = new Set([...editing.document.pages, ...editing.document.aside].map(({ id }) => id));
    untrack(() => drawing.keepOnly(there));
  });
  let goTo = $state<string>();
  /** Whether all fields are shown as a list, instead of the pages. */
  let listed = $state(false);
  /** What is to be done with a picture that is cut out of a page. */
  let cutting = $state.raw<typeof editing.hand.choosing>(null);
  let helping = $state(false);
  const view = $state<{ zoom: number; fit: Fit | null; sight: Sight | undefined }>({
    zoom: 1,
    fit: "width",
    sight: undefined,
  });

  /** Whether a letter that is pressed there is meant for the film or the list. */
  const isAtWork = (target: EventTarget | null): boolean =>
    target === document.body || (target instanceof Element && target.closest("main") !== null);

  function backToTheFilm(event: KeyboardEvent) {
    const inDialog = (event.target as Element).closest("dialog");
    if (event.key !== "Escape" || inDialog || event.defaultPrevented || step !== "film") return;
    event.stopPropagation();
    void focusOn(document, editing.hand.selected[0] ?? editing.hand.stop ?? undefined);
  }

  async function show(field: Field) {
    listed = false;
    await tick();
    lookAt(editing, [field.id], "film");
  }

  function onkeydown(event: KeyboardEvent) {
    const bare = !event.ctrlKey && !event.metaKey && !event.altKey && !types(event.target);
    if (bare && event.key === "?") helping = true;
    if (bare && event.key.toLowerCase() === "l" && step === "film" && isAtWork(event.target))
      listed = !listed;
    if (bare && event.key.toLowerCase() === "f" && step === "film" && isAtWork(event.target))
      document.querySelector<HTMLElement>("[data-found-bar] button")?.focus();
    const asked = undoKey(event);
    if (!asked) return;
    event.preventDefault();
    if (asked === "undo") editing.undo();
    else editing.redo();
  }
</script>

<svelte:window
  onhashchange={() => (step = stepIn(location.hash))}
  {onkeydown}
  onbeforeunload={(event) =>
    editing.store.saving.is !== "saved" && editing.store.queue.unsaved && event.preventDefault()}
/>
<svelte:head><title>{editing.document.title} · Velum</title></svelte:head>

<Announcer />
<!-- Wide, everything is on the screen at once, and the paper has most of it. With little room, or large letters, one thing
stands below the other, and the page scrolls. -->
<div class="@container h-dvh overflow-y-auto">
  <div
    class="grid gap-x-3 px-3 @max-[56rem]:gap-y-3 @min-[56rem]:h-dvh @min-[56rem]:grid-cols-[6.25rem_minmax(0,1fr)_15.5rem] @min-[56rem]:grid-rows-[auto_minmax(0,1fr)] @min-[56rem]:overflow-hidden"
  >
    <div class="@min-[56rem]:col-span-3">
      <Header {editing} {step} onhelp={() => (helping = true)} />
      <RefusedEdits {editing} />
      <LeftOut {editing} />
    </div>
    <div
      class="flex min-h-0 gap-3 @max-[56rem]:flex-wrap @min-[56rem]:row-start-2 @min-[56rem]:flex-col @min-[56rem]:justify-between @min-[56rem]:pb-3"
    >
      {#if step === "film"}<Drawer {editing} />{:else}<div></div>{/if}
      <Thumbs {editing} {drawing} onpick={(page) => (goTo = page)} />
    </div>
    <main
      class="relative min-h-0 overflow-hidden rounded-t-lg bg-base-200 @max-[56rem]:h-[75dvh] @min-[56rem]:col-start-2 @min-[56rem]:row-start-2"
    >
      {#if step === "pages"}
        <Pages {paging} {drawing} />
      {:else if step === "try"}
        <Later load={() => import("./try_out/TryOut.svelte")} onclose={() => (location.hash = "#film")}>
          {#snippet children({ default: TryOut })}<TryOut {editing} />{/snippet}
        </Later>
      {:else if step === "hand-out"}
        <HandOut {editing} {found} />
      {:else if listed && step === "film"}
        <FieldList {editing} onshow={show} onback={() => (listed = false)} />
      {:else}
        <Stage {editing} {drawing} {found} {step} {view} onlist={() => (listed = true)} bind:goTo />
      {/if}
      {#if step === "film" || step === "pages"}
        <FoundBar {found} {editing} onFilm={step === "film" && !listed} />
      {/if}
    </main>
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions (Escape leads back to the film from wherever in it) -->
    <aside
      class="min-h-0 pb-4 @min-[56rem]:row-start-2 @min-[56rem]:overflow-y-auto"
      aria-label="What is in hand"
      data-slip
      onkeydown={backToTheFilm}
    >
      {#if step === "pages"}
        <div class="slip min-h-64 px-5 pt-6 pb-5"><PagesSlip {paging} {drawing} /></div>
      {:else}
        <Slip {editing} {paging} {drawing} {found} {step} />
      {/if}
    </aside>
  </div>
</div>
{#if editing.store.stale && editing.store.deciding}<Overtaken {editing} />{/if}
{#if helping}
  <Later load={() => import("./KeySheet.svelte")} onclose={() => (helping = false)}>
    {#snippet children({ default: KeySheet })}<KeySheet onclose={() => (helping = false)} />{/snippet}
  </Later>
{/if}
{#if editing.hand.choosing}
  {@const { choosing } = editing.hand}
  {@const putDown = () => (editing.hand.choosing = null)}
  {#if cutting === choosing}
    <Later load={() => import("./fixtures/CutPicture.svelte")} onclose={putDown}>
      {#snippet children({ default: CutPicture })}<CutPicture
          {editing}
          then={choosing}
          onclose={putDown}
        />{/snippet}
    </Later>
  {:else}
    <Later load={() => import("./fixtures/PictureDialog.svelte")} onclose={putDown}>
      {#snippet children({ default: PictureDialog })}<PictureDialog
          then={choosing}
          oncut={() => (cutting = choosing)}
          onclose={putDown}
        />{/snippet}
    </Later>
  {/if}
{/if}
