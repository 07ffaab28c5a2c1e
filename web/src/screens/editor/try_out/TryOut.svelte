<script lang="ts">
  // The worksheet as a student has it, on devices of several sizes. What is written in one is there in the others.
  import { sentenceOf, take } from "../../../api/failure";
  import { teacher, type Schemas } from "../../../api/teacher";
  import RadioGroup from "../../../ui/RadioGroup.svelte";
  import type { Editing } from "../state/editing.svelte";
  import Device from "./Device.svelte";
  import { DEVICES, type Shown } from "./devices";

  let { editing }: { editing: Editing } = $props();

  let trial = $state.raw<Schemas["TrialOut"]>();
  let shown = $state<Shown>("laptop");
  let problem = $state("");
  let busy = $state(false);
  /** How often the worksheet had been saved when it was last begun, and how often that was. */
  let savedThen = $state(0);
  let turn = $state(0);

  const changedSince = $derived(editing.store.saves > savedThen);
  const devices = $derived(shown === "all" ? DEVICES : DEVICES.filter(({ name }) => name === shown));
  const options: [Shown, string][] = [
    ...DEVICES.map(({ name, label }): [Shown, string] => [name, label]),
    ["all", "Side by side"],
  ];

  async function begin(anew: boolean) {
    busy = true;
    problem = "";
    try {
      await editing.store.allSaved();
      const params = { path: { worksheet_id: editing.id } };
      trial = await take(teacher.POST("/api/worksheets/{worksheet_id}/trial", { params, body: { anew } }));
      savedThen = editing.store.saves;
      turn += 1;
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }

  async function mayCheck(allowed: boolean) {
    if (!trial) return;
    problem = "";
    try {
      const params = { path: { handout_id: trial.handout } };
      const body = { may_check: allowed } as Schemas["HandoutSettings"];
      await take(teacher.PATCH("/api/handouts/{handout_id}", { params, body }));
      trial = { ...trial, may_check: allowed };
      turn += 1;
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }

  void begin(false);
</script>

<div class="flex h-full flex-col gap-3 p-4">
  <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
    <div class="basis-96">
      <RadioGroup label="Seen on" {options} value={shown} onchange={(to) => (shown = to)} />
    </div>
    {#if trial}
      <label class="flex items-center gap-2 py-1 text-sm">
        <input
          type="checkbox"
          class="toggle toggle-sm"
          checked={trial.may_check}
          onchange={(event) => mayCheck(event.currentTarget.checked)}
        />
        Students may check
      </label>
      <button class="btn btn-outline btn-sm" disabled={busy} onclick={() => begin(true)}
        >As a new student</button
      >
      <a class="btn btn-ghost btn-sm" href="/copies/{trial.copy_id}/" target="_blank">How it is marked</a>
    {/if}
  </div>
  {#if changedSince && !busy}
    <p class="border-s-4 border-accent ps-3" role="status">
      The worksheet has changed.
      <button class="btn btn-primary btn-sm ms-2" onclick={() => begin(false)}>Try it as it is now</button>
    </p>
  {/if}
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  {#if trial}
    {#key turn}
      <div class="flex min-h-0 flex-1 items-start gap-4">
        {#each devices as device (device.name)}
          <Device {device} address="/c/{trial.copy_id}/" />
        {/each}
      </div>
    {/key}
  {:else if busy}
    <p class="quiet p-8 text-center">The sheet is made…</p>
  {/if}
</div>
