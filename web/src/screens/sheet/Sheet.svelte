<script lang="ts">
  import type { Copy } from "../../api/student";
  import Announcer from "../../ui/Announcer.svelte";
  import SaveNote from "../../ui/SaveNote.svelte";
  import { moment } from "../../ui/dates";
  import { setPicturePlace } from "../../ui/picture_place";
  import Dock from "./Dock.svelte";
  import HandIn from "./HandIn.svelte";
  import Paper from "./Paper.svelte";
  import Ribbon from "./Ribbon.svelte";
  import { Working } from "./working.svelte";

  let { begun }: { begun: Copy } = $props();

  // svelte-ignore state_referenced_locally
  const working = new Working(begun);
  setPicturePlace(`/c/${working.copy.id}/pictures/`);
  /** Below this width, in CSS pixels, answers are typed in the dock, under the thumb. */
  const PHONE = 640;
  let innerWidth = $state(window.innerWidth);
  let paper: Paper;
  let handIn: HandIn;

  const docked = $derived(innerWidth < PHONE);

  function goTo(fieldId: string) {
    working.current = fieldId;
    paper.show(fieldId);
  }
</script>

<svelte:window bind:innerWidth />

<Announcer />
<div class="grid h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] overflow-hidden">
  <div>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 sm:px-5">
      <div class="min-w-0 flex-1 basis-40">
        <h1 class="truncate text-lg sm:text-xl">{working.copy.sheet.title}</h1>
        <p class="text-sm">
          <span class="quiet">{working.copy.name} · return code {working.copy.return_code} · </span>
          {#if working.handedInAt}
            <b>Handed in {moment(working.handedInAt)}</b>
            {#if working.late > 0}
              <span class="font-semibold text-warning" role="status">
                · {working.late === 1 ? "1 answer" : `${working.late} answers`} of this device came too late for
                it. Your teacher can see {working.late === 1 ? "it" : "them"}.
              </span>
            {/if}
          {:else if !working.copy.open}
            <b class="text-warning">Closed by your teacher. What was saved is kept.</b>
          {:else}
            <SaveNote state={working.saving} />
          {/if}
        </p>
      </div>
      {#if !working.readonly}
        <button class="btn btn-primary h-11" onclick={() => handIn.ask()}>Hand in</button>
      {/if}
    </header>
    {#if working.unreadable.length > 0}
      <p class="border-l-4 border-warning px-4 font-semibold text-warning" role="status">
        Your answer to {working.unreadable.map((id) => working.numberOf(id)).join(", ")} is kept and cannot be shown
        just now. Your teacher can see that, too.
      </p>
    {/if}
  </div>
  <Paper bind:this={paper} {working} {docked} />
  {#if docked && !working.readonly}
    <Dock {working} ongo={goTo} />
  {:else}
    <Ribbon {working} ongo={goTo} />
  {/if}
</div>
<HandIn bind:this={handIn} {working} ongo={goTo} />
