<script lang="ts">
  import type { Copy } from "../../api/student";
  import type { Device } from "../../saving/device";
  import { onDestroy, onMount, tick, untrack } from "svelte";
  import Announcer from "../../ui/Announcer.svelte";
  import Later from "../../ui/Later.svelte";
  import SaveNote from "../../ui/SaveNote.svelte";
  import { setSheetStore } from "../../kinds/sheet_store";
  import { list, moment, plural } from "../../words/say";
  import { setStudentName } from "../../fixtures/student_name";
  import { setPicturePlace } from "../../ui/picture_place";
  import Aid from "./Aid.svelte";
  import Dock from "./Dock.svelte";
  import HandIn from "./HandIn.svelte";
  import type InstructedPart from "./instructions/Instructed.svelte";
  import { Keyboard } from "./keyboard.svelte";
  import { Listening } from "./listening/listening.svelte";
  import Paper from "./Paper.svelte";
  import { dress, ReadingSettings } from "./reading/reading.svelte";
  import Ribbon from "./Ribbon.svelte";
  import TimeLeft from "./TimeLeft.svelte";
  import { numberOf, Working, type Question } from "./working.svelte";

  interface Props {
    begun: Copy;
    device: Device;
    /** Shows instructions; loaded for a sheet that has some. */
    Instructed: typeof InstructedPart | undefined;
  }
  let { begun, device, Instructed }: Props = $props();

  // svelte-ignore state_referenced_locally
  const working = new Working(begun, device);
  // svelte-ignore state_referenced_locally
  const reading = new ReadingSettings(begun.name, device);
  // svelte-ignore state_referenced_locally
  const listening = new Listening(begun.id, () => reading.now.language);
  setSheetStore(working);
  setStudentName(working.copy.name);
  setPicturePlace(`/c/${working.copy.id}/pictures/`);
  /** Below this width, in CSS pixels, answers are typed in the dock, under the thumb. */
  const PHONE = 640;
  let innerWidth = $state(window.innerWidth);
  let paper: Paper;
  let handingIn = $state(false);
  let settling = $state(false);
  let dock = $state<Dock>();

  const docked = $derived(innerWidth < PHONE);
  const single = $derived(docked && !working.readonly && reading.now.shows === "question");
  const instructions = $derived(working.question?.prompt.instructions ?? []);

  // Nobody waits for it: the answers come first on a bad connection.
  $effect(() => {
    const asked = setTimeout(() => void listening.load(), single ? 0 : 1500);
    return () => clearTimeout(asked);
  });
  onDestroy(() => listening.stop());

  $effect(() => {
    if (working.clock.isUp) untrack(() => void working.handInAtEnd());
  });

  $effect.pre(() => dress(document.documentElement, reading.now));

  // What a slow device has to do first is to show the sheet.
  onMount(() => {
    if (working.copy.trial) return; // nothing is to stay of it
    const idle = globalThis.requestIdleCallback ?? ((what: () => void) => setTimeout(what, 2_000));
    const keep = async () => (await import("./offline")).keepOffline(working.copy);
    idle(() => void keep().catch(() => undefined), { timeout: 10_000 });
  });

  /** Milliseconds that leaving waits for what is unsent: what waits longer is kept on the device. */
  const LEAVING = 2_500;

  /** What was sent is known to be there when the page goes: who signs out on the peg is not asked about it. */
  async function toPeg(event: MouseEvent) {
    event.preventDefault();
    await Promise.race([working.flush(), new Promise((resolve) => setTimeout(resolve, LEAVING))]);
    location.assign("/peg/");
  }

  const keyboard = new Keyboard();
  onMount(() => keyboard.watch());
  // Whatever room a keyboard leaves: what is typed into stays in view.
  $effect(() => {
    if (!keyboard.open) return;
    void keyboard.room;
    void tick().then(() => document.activeElement?.scrollIntoView({ block: "nearest" }));
  });

  async function goTo({ name }: Question) {
    working.current = name;
    paper.show(name, !docked);
    await tick();
    dock?.focus();
  }

  /** From the question whether to hand in, to one that is blank. */
  async function goBack(question: Question) {
    handingIn = false;
    await tick();
    await goTo(question);
  }
</script>

<svelte:window bind:innerWidth />

{#snippet asked(own: string)}
  {#if Instructed && instructions.length > 0 && working.question}
    {@const { name, part } = working.question}
    <div class={own}>
      <Instructed
        name="asked {name}"
        label="Instructions of question {part.number}"
        {instructions}
        {listening}
        {reading}
        silent
      />
    </div>
  {/if}
{/snippet}

{#snippet timeLeft()}
  {#if working.clock.counts && !working.done && working.clock.open}<TimeLeft clock={working.clock} />{/if}
{/snippet}

<Announcer />
<!-- With large letters on a small screen the page scrolls, so that the paper always has room. -->
<div
  class="grid h-dvh grid-cols-[minmax(0,1fr)] overflow-x-hidden overflow-y-auto {keyboard.open
    ? 'grid-rows-[auto_minmax(25dvh,1fr)_auto]'
    : 'grid-rows-[auto_minmax(45dvh,1fr)_auto]'}"
  style:height={keyboard.room && `${keyboard.room}px`}
>
  <div>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 sm:px-5">
      <div class="min-w-0 flex-1 basis-40">
        <h1 class="truncate text-lg sm:text-xl" dir="auto">{working.copy.sheet.title}</h1>
        <p class="text-sm">
          <span class="quiet"
            ><bdi>{working.copy.name}</bdi> · {#if working.copy.trial}a trial{:else if working.copy.return_code}return
              code
              <bdi translate="no">{working.copy.return_code}</bdi>{:else}<a href="/peg/" onclick={toPeg}
                >your peg</a
              >{/if} ·
          </span>
          {#if working.handedInAt}
            <b>Handed in {moment(working.handedInAt)}</b>
            {#if working.late > 0}
              <span class="font-semibold text-warning" role="status">
                · {plural(working.late, [
                  "# answer of this device came too late for it. Your teacher can see it.",
                  "# answers of this device came too late for it. Your teacher can see them.",
                ])}
              </span>
            {/if}
          {:else if working.clock.isUp}
            <b class="text-warning">The time is over. What you wrote is kept.</b>
          {:else if !working.clock.open}
            <b class="text-warning">Closed by your teacher. What was saved is kept.</b>
          {:else}
            <SaveNote state={working.saving} />
            {#if docked}{@render timeLeft()}{/if}
            {#if working.clock.due && !working.clock.counts}
              <span class="quiet"> · due {moment(working.clock.due)}</span>
            {/if}
          {/if}
        </p>
      </div>
      {#if !docked}{@render timeLeft()}{/if}
      <button
        class="btn btn-outline size-11 p-0 text-lg"
        aria-label="Reading"
        title="Reading: letters, light, a ruler"
        onclick={() => (settling = true)}><span aria-hidden="true">Aa</span></button
      >
      {#if !working.readonly}
        <button class="btn btn-primary h-11" onclick={() => (handingIn = true)}>Hand in</button>
      {/if}
    </header>
    {#each working.prompts as prompt (prompt.id)}
      {#if working.refused[prompt.id]}
        <p class="problem mx-4 mb-2" role="alert">
          Your answer to {numberOf(prompt)} was not taken: {working.refused[prompt.id]}
        </p>
      {/if}
    {/each}
    {#if working.unreadable.length > 0}
      <p class="problem px-4" role="status">
        Your answer to {list(working.unreadable)} is kept and cannot be shown just now. Your teacher can see that,
        too.
      </p>
    {/if}
  </div>
  <Paper bind:this={paper} {working} {docked} {single} {listening} {reading} {Instructed} />
  {#if docked && !working.readonly}
    <Dock bind:this={dock} {working} {listening} {reading} {asked} ongo={goTo} />
  {:else}
    <div>
      <Aid
        {working}
        find={(question) => paper.find(question)}
        apart
        class="border-t border-(--hairline) bg-base-100/85 px-4 py-1.5"
      />
      {@render asked("max-h-[20dvh] overflow-y-auto border-t border-(--hairline) bg-base-100/85 px-4 py-1.5")}
      <Ribbon {working} {listening} ongo={goTo} />
    </div>
  {/if}
</div>
{#if settling}
  <Later load={() => import("./reading/ReadingDialog.svelte")} onclose={() => (settling = false)}>
    {#snippet children({ default: ReadingDialog })}
      <ReadingDialog {reading} {working} onclose={() => (settling = false)} />
    {/snippet}
  </Later>
{/if}
{#if handingIn}
  <HandIn {working} ongo={goBack} onclose={() => (handingIn = false)} />
{/if}
