<script lang="ts">
  // Names are pasted or come as a file; what was read of them is shown and corrected, and then taken.
  import { sentenceOf, take } from "../../api/failure";
  import { teacher, type Schemas } from "../../api/teacher";
  import { announce } from "../../ui/Announcer.svelte";
  import Dialog from "../../ui/Dialog.svelte";
  import { plural } from "../../words/say";
  import type { Named, OneClass } from "./class.svelte";
  import RosterMeaning from "./RosterMeaning.svelte";

  let { one, onclose }: { one: OneClass; onclose: () => void } = $props();

  const MOST_SHOWN = 200;
  const PARTS: ["given" | "family" | "number" | "email", string][] = [
    ["given", "Given name"],
    ["family", "Family name"],
    ["number", "Number"],
    ["email", "E-mail"],
  ];

  let text = $state("");
  let problem = $state("");
  let busy = $state(false);
  let read = $state.raw<Schemas["RosterOut"][]>([]);
  let place = $state(0);
  let students = $state<Named[]>([]);
  let doubts = $state.raw<Record<number, string>>({});
  let takeOut = $state(false);
  let meaning = $state.raw<Schemas["RosterMeaningOut"]>();

  /** How often it was asked what the names mean, and of which asking that is known. */
  let looks = $state(0);
  let known = $state(0);

  const roster = $derived(read[place]);

  async function reading(ask: () => Promise<Schemas["RosterOut"][]>) {
    busy = true;
    problem = "";
    try {
      read = await ask();
      choose(0);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
    busy = false;
  }

  const readText = () =>
    reading(async () => [await take(teacher.POST("/api/rosters/pasted", { body: { text } }))]);

  function readFiles(input: HTMLInputElement) {
    const files = [...(input.files ?? [])];
    const [file] = files;
    if (!file) return;
    void reading(async () => {
      if (files.length === 1)
        return take(
          teacher.POST("/api/rosters/file", {
            body: file as unknown as string,
            bodySerializer: (body) => body,
            headers: { "Content-Type": "application/octet-stream" },
          }),
        );
      const tables = files.filter(({ name }) => name.toLowerCase().endsWith(".csv"));
      const texts = await Promise.all(
        tables.map(async (each) => ({ name: each.name, text: await each.text() })),
      );
      return take(teacher.POST("/api/rosters/folder", { body: { files: texts } }));
    }).finally(() => (input.value = ""));
  }

  function choose(which: number) {
    meaning = undefined;
    place = which;
    students = (read[which]?.students ?? []).map((each) => ({ ...each }));
    doubts = Object.fromEntries((read[which]?.doubts ?? []).map(({ student, why }) => [student, why]));
    void look();
  }

  async function look() {
    // What it meant before stays until what it means now is known: nothing moves away from below a pointer.
    const asked = ++looks;
    problem = "";
    try {
      const means = await one.meaningOf($state.snapshot(students));
      if (asked !== looks) return;
      meaning = means;
    } catch (failure) {
      if (asked !== looks) return;
      meaning = undefined;
      problem = sentenceOf(failure);
    }
    known = asked;
  }

  function swap() {
    students = students.map((each) => ({ ...each, given: each.family, family: each.given }));
    void look();
  }

  function drop(which: number) {
    students = students.filter((_, at) => at !== which);
    doubts = Object.fromEntries(
      Object.entries(doubts)
        .filter(([at]) => Number(at) !== which)
        .map(([at, why]) => [Number(at) > which ? Number(at) - 1 : Number(at), why]),
    );
    void look();
  }

  async function done() {
    const count = students.length;
    if (await one.takeRoster($state.snapshot(students), takeOut)) {
      announce(plural(count, ["# student taken", "# students taken"]));
      onclose();
    } else problem = one.problem;
  }
</script>

<Dialog
  title="Add names to {one.value.name}"
  class="w-[min(56rem,96vw)]"
  unsaved={students.length > 0 || text.trim() ? "These names are not in the class yet." : ""}
  {onclose}
>
  {#if !roster}
    <label class="block">
      <span class="field-label">Names, one a line</span>
      <span class="quiet mb-2 block text-sm">
        “Ama Lindqvist”, “Lindqvist, Ama”, or columns copied from a spreadsheet, with numbers or e-mail
        addresses if you have them.
      </span>
      <textarea class="textarea w-full" rows="10" dir="auto" bind:value={text}></textarea>
    </label>
    <div class="mt-4 flex flex-wrap items-center gap-3">
      <button class="btn btn-primary" disabled={busy || !text.trim()} onclick={readText}
        >Look at the names</button
      >
      <label class="btn btn-outline focus-within:outline-3 focus-within:outline-accent">
        Choose a file
        <input
          type="file"
          multiple
          class="sr-only"
          accept=".csv,.xlsx,.ods,.xls,.zip,.tsv,.txt"
          onchange={(event) => readFiles(event.currentTarget)}
        />
      </label>
      <span class="quiet text-sm">CSV, XLSX, ODS; a OneRoster 1.2 zip, or all files of its folder</span>
    </div>
  {:else}
    {#if read.length > 1}
      <label class="mb-3 block">
        <span class="field-label">Which list</span>
        <select
          class="input w-full"
          value={place}
          onchange={(event) => choose(Number(event.currentTarget.value))}
        >
          {#each read as each, at (at)}
            <option value={at}
              >{each.title} · {plural(each.students.length, ["# student", "# students"])}</option
            >
          {/each}
        </select>
      </label>
    {/if}
    <div class="flex flex-wrap items-baseline gap-3">
      <p class="flex-1 font-semibold">{plural(students.length, ["# name was read", "# names were read"])}</p>
      <button class="btn btn-ghost btn-sm" onclick={swap}>Swap given and family names</button>
    </div>
    <div class="mt-1 max-h-[38vh] overflow-y-auto rounded border border-(--line) px-2">
      <table class="field-list w-full">
        <thead class="quiet text-sm">
          <tr>
            <th scope="col">Given name</th><th scope="col">Family name</th><th scope="col">Number</th>
            <th scope="col">E-mail</th><td></td>
          </tr>
        </thead>
        <tbody>
          {#each students.slice(0, MOST_SHOWN) as each, at (at)}
            <tr>
              {#each PARTS as [part, label] (part)}
                <td>
                  <input
                    class="input input-sm w-full"
                    dir="auto"
                    aria-label="{label} {at + 1}"
                    maxlength={part === "given" || part === "family" ? 80 : 100}
                    bind:value={each[part]}
                    onchange={look}
                  />
                  {#if part === "given" && doubts[at]}
                    <span class="block text-sm font-semibold text-warning">{doubts[at]}</span>
                  {/if}
                </td>
              {/each}
              <td>
                <button
                  class="btn btn-ghost btn-sm whitespace-nowrap"
                  aria-label="Leave out {each.given} {each.family}"
                  onclick={() => drop(at)}>Leave out</button
                >
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      {#if students.length > MOST_SHOWN}
        <p class="quiet py-2">… and {students.length - MOST_SHOWN} more, as they stand in the list.</p>
      {/if}
    </div>
    {#if roster.left_out.length > 0}
      <div class="mt-3 text-sm">
        <p class="font-semibold text-warning">
          {plural(roster.left_out.length, [
            "# row is nobody and was left out:",
            "# rows are nobody and were left out:",
          ])}
        </p>
        <ul class="max-h-24 overflow-y-auto">
          {#each roster.left_out as each (each.row)}
            <li>{each.row}: <bdi>{each.text}</bdi> · {each.why}</li>
          {/each}
        </ul>
      </div>
    {/if}
    {#if meaning}
      <RosterMeaning {meaning} class={one.value.name} bind:takeOut />
    {/if}
    <div class="mt-4 flex flex-wrap gap-3">
      <button
        class="btn btn-primary"
        disabled={one.busy || !meaning || known < looks || students.length === 0}
        onclick={done}>Take them into {one.value.name}</button
      >
      <button class="btn btn-outline" onclick={() => (read = [])}>Back</button>
    </div>
  {/if}
  {#if problem}<p class="problem mt-3" role="alert">{problem}</p>{/if}
</Dialog>
