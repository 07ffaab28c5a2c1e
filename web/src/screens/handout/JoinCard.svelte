<script lang="ts">
  import Dialog from "../../ui/Dialog.svelte";
  import { sentenceOf } from "../../api/failure";
  import Folded from "../../ui/Folded.svelte";
  import CheckSettings from "./CheckSettings.svelte";
  import type { Live, Settings } from "./results.svelte";
  import TimeSettings from "./TimeSettings.svelte";

  let { live }: { live: Live } = $props();

  let copied = $state(false);
  let problem = $state("");
  let large = $state(false);
  const handout = $derived(live.results.handout);
  const qr = $derived(`/handouts/${handout.id}/qr.svg`);

  async function copy() {
    await navigator.clipboard?.writeText(handout.link).then(
      () => (copied = true),
      () => undefined,
    );
  }

  const timed = $derived(
    [handout.opens_at, handout.due_at, handout.closes_at, handout.minutes].some((set) => set !== null),
  );

  /** What settings would mean; when that cannot be told, the server refuses them by itself. */
  const meaning = (settings: Partial<Settings>) => live.meaningOf(settings).catch(() => undefined);

  async function settle(settings: Partial<Settings>) {
    problem = "";
    try {
      await live.settle(settings);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<section class="card-paper self-start px-6 py-5" aria-label="How students join">
  {#if handout.to_class}
    <p class="mb-4">
      It hangs on the pegs of those it is for. The link and the code open it for whoever has signed in.
    </p>
  {/if}
  <p class="quiet text-sm font-semibold">Join code</p>
  <p class="font-serif text-4xl font-semibold tracking-wider tabular-nums" translate="no" data-testid="code">
    {handout.code}
  </p>
  <img class="mt-3 w-44" src={qr} alt="QR code of the link" width="176" height="176" />
  <label class="field-label mt-3" for="link">Link</label>
  <div class="flex gap-2">
    <input
      id="link"
      class="input min-w-0 flex-1 text-sm"
      readonly
      value={handout.link}
      onfocus={(event) => event.currentTarget.select()}
    />
    <button class="btn btn-outline" onclick={copy}>{copied ? "Copied" : "Copy"}</button>
  </div>
  <button class="btn btn-primary mt-4 w-full" onclick={() => (large = true)}>Show it large</button>
  <a class="btn btn-outline mt-2 w-full" href="/handouts/{handout.id}/code-sheet/">Print it for the wall</a>
  {#if handout.right !== "look"}<div class="mt-5 space-y-3 border-t border-(--hairline) pt-4">
      <label class="flex items-start gap-3">
        <input
          type="checkbox"
          class="toggle mt-0.5"
          checked={handout.may_check}
          onchange={(event) => settle({ may_check: event.currentTarget.checked })}
        />
        <span
          >Students may check an answer<span class="quiet block text-sm"
            >They see right or not right, never the key.</span
          ></span
        >
      </label>
      {#if handout.may_check}<CheckSettings {handout} onsettle={settle} />{/if}
      <label class="flex items-start gap-3">
        <input
          type="checkbox"
          class="toggle mt-0.5"
          checked={handout.open}
          onchange={(event) => settle({ open: event.currentTarget.checked })}
        />
        <span>Open<span class="quiet block text-sm">Closed, nobody can join, write or hand in.</span></span>
      </label>
      <label class="block">
        <span class="field-label">Message to students</span>
        <textarea
          class="textarea w-full text-sm"
          rows="2"
          maxlength="1000"
          dir="auto"
          value={handout.message}
          onchange={(event) => settle({ message: event.currentTarget.value })}></textarea>
      </label>
      <Folded title="Times" open={timed}>
        <TimeSettings {handout} {meaning} onsettle={settle} />
      </Folded>
      {#if problem}<p class="font-semibold text-warning" role="alert">{problem}</p>{/if}
    </div>{/if}
</section>

{#if large}
  <Dialog title="How to join" class="h-dvh max-h-none w-screen rounded-none" onclose={() => (large = false)}>
    <div class="flex min-h-[80dvh] flex-wrap items-center justify-center gap-x-16 gap-y-6 p-8">
      <img class="w-[min(46vh,80vw)]" src={qr} alt="QR code of the link" />
      <div>
        <p class="text-2xl" translate="no">{new URL(handout.link).host}/join</p>
        <p class="font-serif text-[min(8rem,16vw)] leading-none font-semibold tracking-wider" translate="no">
          {handout.code}
        </p>
        <p class="mt-6 text-2xl" dir="auto">{handout.title}</p>
        <button class="btn btn-outline mt-10" onclick={() => (large = false)}>Close</button>
      </div>
    </div>
  </Dialog>
{/if}
