<script lang="ts">
  // The list of a class: names that can be corrected where they stand, and what is on each card.
  import Folded from "../../ui/Folded.svelte";
  import Dialog from "../../ui/Dialog.svelte";
  import { announce } from "../../ui/Announcer.svelte";
  import type { OneClass, Student } from "./class.svelte";

  let { one }: { one: OneClass } = $props();

  let chosen = $state("");
  let erasing = $state(false);
  const student = $derived(one.value.students.find(({ id }) => id === chosen));
  const withNumbers = $derived(one.value.students.some(({ number }) => number));
  const withEmails = $derived(one.value.students.some(({ email }) => email));

  function open(each: Student) {
    chosen = each.id;
    erasing = false;
  }

  async function correct(
    each: Student,
    part: "given" | "family" | "number" | "email",
    field: HTMLInputElement,
  ) {
    if (!(await one.correct(each.id, { [part]: field.value }))) field.value = each[part];
  }

  async function newCard(each: Student) {
    if (await one.newCard(each.id))
      announce(`A new card for ${each.name}. The old one opens nothing any more.`);
  }

  async function erase(each: Student) {
    if (await one.erase(each.id)) {
      announce(`All that was kept of ${each.name} is erased.`);
      chosen = "";
    }
  }

  async function takeOut(each: Student) {
    if (await one.takeOut(each.id)) chosen = "";
  }
</script>

{#snippet input(each: Student, part: "given" | "family" | "number" | "email", label: string)}
  <input
    class="input input-ghost w-full min-w-24 px-2"
    dir="auto"
    aria-label="{label}: {each.name}"
    readonly={!one.owns}
    maxlength={part === "given" || part === "family" ? 80 : 100}
    value={each[part]}
    onchange={(event) => correct(each, part, event.currentTarget)}
  />
{/snippet}

<!-- svelte-ignore a11y_no_noninteractive_tabindex (a region that scrolls must be reached by the keyboard) -->
<div class="card-paper overflow-x-auto px-4 py-3" tabindex="0" role="region" aria-label="Students">
  <table class="field-list w-full">
    <thead class="quiet text-sm">
      <tr>
        <th scope="col">Given name</th>
        <th scope="col">Family name</th>
        {#if withNumbers}<th scope="col">Number</th>{/if}
        {#if withEmails}<th scope="col">E-mail</th>{/if}
        <th scope="col">Card</th>
        <td></td>
      </tr>
    </thead>
    <tbody>
      {#each one.value.students as each (each.id)}
        <tr>
          <td>{@render input(each, "given", "Given name")}</td>
          <td>{@render input(each, "family", "Family name")}</td>
          {#if withNumbers}<td>{@render input(each, "number", "Number")}</td>{/if}
          {#if withEmails}<td>{@render input(each, "email", "E-mail")}</td>{/if}
          <td>
            <span class="flex gap-1">
              {#each each.card as { name, word } (name)}
                <img src="/static/library/{name}.svg" alt={word} width="24" height="24" />
              {/each}
            </span>
          </td>
          <td class="text-end">
            {#if one.marks}
              <button class="btn btn-ghost btn-sm" aria-label="Card of {each.name}" onclick={() => open(each)}
                >Card…</button
              >
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>

{#if student}
  <Dialog title={student.name} onclose={() => (chosen = "")}>
    <ul class="mt-2 flex gap-6">
      {#each student.card as { name, word } (name)}
        <li class="text-center">
          <img src="/static/library/{name}.svg" alt="" width="64" height="64" />{word}
        </li>
      {/each}
    </ul>
    <div class="mt-5 space-y-4">
      <p>
        <a
          class="btn btn-primary"
          target="_blank"
          href="/classes/{one.value.id}/cards.pdf?student={student.id}">Print this card</a
        >
      </p>
      <p>
        <button class="btn btn-outline" disabled={one.busy} onclick={() => newCard(student)}
          >Lost? Make a new card</button
        >
        <span class="quiet block text-sm">The old one stops at once, on every device.</span>
      </p>
      {#if one.owns}
        <p>
          <button class="btn btn-ghost" disabled={one.busy} onclick={() => takeOut(student)}
            >Take out of this class</button
          >
          <span class="quiet block text-sm">What {student.name} has done stays.</span>
        </p>
      {/if}
      {#if one.owns}
        <Folded title="All that is kept of {student.name}">
          <p>
            <a class="btn btn-outline btn-sm" href="/students/{student.id}/data.zip" download
              >Take it away as one file</a
            >
          </p>
          {#if erasing}
            <p class="mt-3 font-semibold text-warning">
              All work, marks and the card of {student.name} would be gone for good, in this class and in others.
            </p>
            <p class="mt-2 flex flex-wrap gap-2">
              <button class="btn btn-error btn-sm" disabled={one.busy} onclick={() => erase(student)}
                >Erase it for good</button
              >
              <button class="btn btn-outline btn-sm" onclick={() => (erasing = false)}>Keep it</button>
            </p>
          {:else}
            <p class="mt-2">
              <button class="btn btn-ghost btn-sm" onclick={() => (erasing = true)}>Erase it…</button>
            </p>
          {/if}
        </Folded>
      {/if}
      {#if one.problem}<p class="problem" role="alert">{one.problem}</p>{/if}
    </div>
  </Dialog>
{/if}
