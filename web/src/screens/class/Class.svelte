<script lang="ts">
  // A class: who is in it, and their sign-in cards.
  import type { Schemas } from "../../api/teacher";
  import Announcer from "../../ui/Announcer.svelte";
  import Dialog from "../../ui/Dialog.svelte";
  import Logo from "../../ui/Logo.svelte";
  import { plural } from "../../words/say";
  import BringNames from "./BringNames.svelte";
  import { OneClass } from "./class.svelte";
  import Students from "./Students.svelte";
  import Teachers from "./Teachers.svelte";

  let { begun }: { begun: Schemas["ClassOut"] } = $props();

  // svelte-ignore state_referenced_locally
  const one = new OneClass(begun);
  const value = $derived(one.value);
  /** All cards, or as many at once as are drawn while somebody waits. */
  const parts = $derived.by((): [number, string][] => {
    const { students, cards_at_once: most } = value;
    if (students.length <= most) return [[1, "Print all cards"]];
    return Array.from({ length: Math.ceil(students.length / most) }, (_, at) => [
      at + 1,
      `Print cards ${at * most + 1} to ${Math.min(students.length, (at + 1) * most)}`,
    ]);
  });
  const NAMES: [Schemas["ClassOut"]["names"], string][] = [
    ["full", "In full"],
    ["first", "First names"],
    ["initials", "Initials"],
    ["trees", "Borrowed from trees"],
    ["stars", "Borrowed from stars"],
  ];
  let bringing = $state(false);
  let asking = $state<"" | "copy" | "remove">("");
  // svelte-ignore state_referenced_locally
  let name = $state(begun.name);
  let year = $state("");
</script>

<Announcer />
<header class="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-3">
  <Logo href="/classes/" label="Your classes" />
  <div class="min-w-0 flex-1 basis-60">
    <h1 class="truncate text-xl"><bdi>{value.name}</bdi></h1>
    <p class="quiet text-sm">
      {value.year}{value.year ? " · " : ""}{plural(value.students.length, ["# student", "# students"])}
      {#if value.archived_at}· archived{/if}
    </p>
  </div>
  {#if value.students.length > 0 && one.marks}
    {#each parts as [part, name] (part)}
      <a class="btn btn-outline" href="/classes/{value.id}/cards.pdf?part={part}" target="_blank">{name}</a>
    {/each}
  {/if}
  {#if one.owns}
    <button class="btn btn-primary" onclick={() => (bringing = true)}>Add names</button>
  {/if}
</header>

<div class="grid items-start gap-6 px-5 pb-12 lg:grid-cols-[1fr_19rem]">
  <main class="min-w-0">
    {#if one.problem && !bringing}<p class="problem mb-3" role="alert">{one.problem}</p>{/if}
    {#if value.students.length === 0}
      <div class="rounded-lg border-2 border-dashed border-(--line) px-8 py-14 text-center">
        <h2 class="text-xl">Nobody is in this class yet</h2>
        <p class="quiet mt-2">Paste their names, or choose the list that you have as a file.</p>
        {#if one.owns}
          <button class="btn btn-primary mt-5 h-12" onclick={() => (bringing = true)}>Add names</button>
        {/if}
      </div>
    {:else}
      <Students {one} />
    {/if}
  </main>

  <aside class="card-paper px-6 py-5">
    <h2 class="text-lg">How they sign in</h2>
    <ol class="mt-2 list-decimal space-y-2 ps-5">
      <li>Point a camera at the QR code of the card.</li>
      <li>
        Or type the class code, their name, and tap the three pictures of the card:
        <b class="block font-serif text-3xl tracking-wider" translate="no" data-testid="class-code"
          >{value.code}</b
        >
      </li>
    </ol>
    <Teachers {one} />
    {#if one.owns}
      <div class="mt-6 space-y-3 border-t border-(--hairline) pt-4">
        <label class="block">
          <span class="field-label">Name</span>
          <input
            class="input w-full"
            maxlength="60"
            dir="auto"
            value={value.name}
            onchange={async (event) => {
              const field = event.currentTarget;
              if (!(await one.settle({ name: field.value }))) field.value = value.name;
            }}
          />
        </label>
        <label class="block">
          <span class="field-label">School year</span>
          <input
            class="input w-full"
            maxlength="20"
            dir="auto"
            value={value.year}
            onchange={(event) => one.settle({ year: event.currentTarget.value })}
          />
        </label>
        <label class="block">
          <span class="field-label">Names where others see them</span>
          <select
            class="input w-full"
            value={value.names}
            onchange={(event) => one.settle({ names: event.currentTarget.value as typeof value.names })}
          >
            {#each NAMES as [how, label] (how)}<option value={how}>{label}</option>{/each}
          </select>
        </label>
        <button class="btn btn-outline btn-sm w-full" onclick={() => (asking = "copy")}>
          Copy it for the next year
        </button>
        <button
          class="btn btn-outline btn-sm w-full"
          disabled={one.busy}
          onclick={() => one.settle({ archived: !value.archived_at })}
        >
          {value.archived_at ? "Take it out of the archive" : "Archive it"}
        </button>
        <button class="btn btn-ghost btn-sm w-full" onclick={() => (asking = "remove")}>Remove it</button>
      </div>
    {/if}
  </aside>
</div>

{#if bringing}<BringNames {one} onclose={() => (bringing = false)} />{/if}
{#if asking === "copy"}
  <Dialog title="A class for the next year" onclose={() => (asking = "")}>
    <p class="quiet">The same students, with the same cards. Work stays with the class of this year.</p>
    <form
      class="mt-4 space-y-3"
      onsubmit={(event) => {
        event.preventDefault();
        void one.copy(name, year);
      }}
    >
      <label class="block">
        <span class="field-label">Name of the new class</span>
        <input class="input w-full" maxlength="60" required dir="auto" bind:value={name} />
      </label>
      <label class="block">
        <span class="field-label">School year</span>
        <input class="input w-full" maxlength="20" dir="auto" bind:value={year} />
      </label>
      {#if one.problem}<p class="problem" role="alert">{one.problem}</p>{/if}
      <button class="btn btn-primary" disabled={one.busy}>Make the class</button>
    </form>
  </Dialog>
{:else if asking === "remove"}
  <Dialog title="Remove this class?" onclose={() => (asking = "")}>
    <p>Its list goes. A class that was handed worksheets is not removed: archive it.</p>
    {#if one.problem}<p class="problem mt-3" role="alert">{one.problem}</p>{/if}
    <div class="mt-4 flex gap-3">
      <button class="btn btn-error" disabled={one.busy} onclick={() => one.remove()}
        >Remove it for good</button
      >
      <button class="btn btn-outline" onclick={() => (asking = "")}>Keep it</button>
    </div>
  </Dialog>
{/if}
