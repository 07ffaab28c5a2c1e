<script lang="ts">
  // What students may ask for while they answer a field, or one of its questions.
  import { tick } from "svelte";
  import type { Field } from "../../../api/teacher";
  import LIMITS from "../../../generated/limits.json";
  import { partsOf } from "../../../kinds/form";
  import RichTextInput from "../../../rich_text/writing/RichTextInput.svelte";
  import SoundInput from "../../../sound/SoundInput.svelte";
  import Dialog from "../../../ui/Dialog.svelte";
  import { list } from "../../../words/say";
  import { changeHelp, isOn, type Help } from "../../../worksheet/commands/explaining";
  import { newId } from "../../../worksheet/ids";
  import type { Editing } from "../state/editing.svelte";
  import { COSTS, KINDS, LABELS, type Begun } from "./help_kinds";

  interface Props {
    editing: Editing;
    field: Field;
    onclose: () => void;
  }
  let { editing, field: opened, onclose }: Props = $props();

  // svelte-ignore state_referenced_locally
  const id = opened.id;
  const field = $derived(editing.document.fields.find((each) => each.id === id) ?? opened);
  const parts = $derived(partsOf(field).filter((part) => part.id));
  const numbers = $derived(editing.numbersIn(field));

  let begun = $state.raw<Begun>();
  let problem = $state("");

  const change = (to: (help: readonly Help[]) => Help[], typing = false) =>
    editing.do(changeHelp(editing.document, id, to, typing));
  const set = (name: string, changed: Partial<Help>, typing = false) =>
    change((all) => all.map((help) => (help.id === name ? ({ ...help, ...changed } as Help) : help)), typing);

  async function add(help: Help) {
    begun = undefined;
    problem = "";
    change((all) => [...all, help]);
    await tick();
    document.getElementById(`help-${help.id}`)?.scrollIntoView({ block: "nearest" });
  }

  const plain = () => ({ id: newId(), part: null, cost: 0 });

  function begin(kind: Help["kind"]) {
    problem = "";
    if (kind === "hint" || kind === "example") void add({ kind, ...plain(), paragraphs: [] });
    else if (kind === "picture")
      editing.hand.choosing = ({ picture, alternative }) =>
        void add({ kind, ...plain(), picture, alternative });
    else begun = kind === "link" ? { kind, address: "https://", label: "" } : { kind };
  }

  function addLink(event: SubmitEvent) {
    event.preventDefault();
    if (begun?.kind !== "link") return;
    const address = begun.address.trim();
    if (isOn(address, editing.linkSites))
      void add({ kind: "link", ...plain(), address, label: begun.label.trim() });
    else if (editing.linkSites.length === 0)
      problem = "Your school leads to no sites yet. Whoever runs Velum can allow some.";
    else problem = `This is not on a site that your school allows: ${list(editing.linkSites)}.`;
  }
</script>

<Dialog
  title="Help on question {editing.store.number(field)}"
  class="w-[min(40rem,96vw)]"
  unsaved={begun ? "What you began to add is not added yet." : ""}
  {onclose}
>
  <div class="mt-2 space-y-5">
    <p class="quiet text-sm">
      Students see that there is help, and what it costs; they see what it says once they ask for it, and you
      see that they did.
    </p>
    {#each field.help as help (help.id)}
      <section id="help-{help.id}" class="border-s-4 border-secondary ps-3" aria-label={LABELS[help.kind]}>
        <div class="flex flex-wrap items-end gap-3">
          <h3 class="flex-1 text-base">{LABELS[help.kind]}</h3>
          {#if parts.length > 1}
            <label>
              <span class="field-label">For</span>
              <select
                class="input input-sm"
                value={help.part ?? ""}
                onchange={(event) => set(help.id, { part: event.currentTarget.value || null })}
              >
                <option value="">All questions</option>
                {#each parts as part (part.id)}<option value={part.id}>{numbers[part.id]}</option>{/each}
              </select>
            </label>
          {/if}
          <label>
            <span class="field-label">Takes from the points</span>
            <select
              class="input input-sm"
              value={String(help.cost)}
              onchange={(event) => set(help.id, { cost: Number(event.currentTarget.value) })}
            >
              {#each [...new Set([...COSTS, help.cost])].sort((a, b) => a - b) as cost (cost)}
                <option value={String(cost)}>{cost === 0 ? "Nothing" : `${cost} %`}</option>
              {/each}
            </select>
          </label>
          <button
            class="btn btn-ghost btn-sm"
            aria-label="Remove this {LABELS[help.kind]}"
            onclick={() => change((all) => all.filter((each) => each.id !== help.id))}>Remove</button
          >
        </div>
        <div class="mt-2">
          {#if help.kind === "hint"}
            <RichTextInput
              label="Hint"
              paragraphs={help.paragraphs}
              onwrite={(paragraphs) => set(help.id, { paragraphs }, true)}
            />
          {:else if help.kind === "example"}
            <p class="quiet mb-1 text-sm">Each paragraph is a step: students uncover one after the other.</p>
            <RichTextInput
              label="Worked example"
              paragraphs={help.paragraphs}
              onwrite={(paragraphs) => set(help.id, { paragraphs }, true)}
            />
          {:else if help.kind === "link"}
            <p class="break-all">
              {#if help.label}<b>{help.label}</b> ·
              {/if}<a
                class="underline underline-offset-2"
                href={help.address}
                target="_blank"
                rel="noopener noreferrer">{help.address}</a
              >
            </p>
          {:else if help.kind === "sound"}
            <audio class="h-11 w-full" controls src="/sounds/{help.sound}/"></audio>
            <label class="mt-2 block">
              <span class="field-label">What it says, for those who do not hear it</span>
              <input
                class="input w-full"
                maxlength={LIMITS.help_said}
                value={help.words}
                oninput={(event) => set(help.id, { words: event.currentTarget.value }, true)}
              />
            </label>
          {:else}
            <img src="/pictures/{help.picture}/" alt={help.alternative} class="max-h-40" />
          {/if}
        </div>
      </section>
    {/each}
    {#if begun?.kind === "link"}
      <form class="space-y-2" onsubmit={addLink}>
        <label class="block">
          <span class="field-label">Address</span>
          <input
            class="input w-full"
            inputmode="url"
            aria-invalid={problem !== ""}
            bind:value={begun.address}
          />
        </label>
        <label class="block">
          <span class="field-label">What is there</span>
          <input class="input w-full" maxlength={LIMITS.help_said} bind:value={begun.label} />
        </label>
        <button class="btn btn-outline btn-sm">Add this link</button>
        <button type="button" class="btn btn-ghost btn-sm" onclick={() => (begun = undefined)}>Cancel</button>
      </form>
    {:else if begun?.kind === "sound"}
      <SoundInput
        sound={null}
        label="Help, spoken"
        standIn={editing.standInMicrophone}
        onsound={(sound) => sound && void add({ kind: "sound", ...plain(), sound, words: "" })}
      />
    {/if}
    {#if problem}<p class="font-semibold text-warning" role="alert">{problem}</p>{/if}
    <div class="flex flex-wrap items-center gap-2" role="group" aria-label="Add help">
      <span class="quiet text-sm">Add:</span>
      {#each KINDS as kind (kind)}
        <button class="btn btn-outline btn-sm" onclick={() => begin(kind)}>{LABELS[kind]}</button>
      {/each}
      <button class="btn btn-primary ms-auto" onclick={onclose}>Close</button>
    </div>
  </div>
</Dialog>
