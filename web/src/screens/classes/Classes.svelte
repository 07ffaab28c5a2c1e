<script lang="ts">
  // The classes of a teacher, and making one.
  import { sentenceOf, take } from "../../api/failure";
  import { teacher, type Schemas } from "../../api/teacher";
  import TeacherHeader from "../../teaching/TeacherHeader.svelte";
  import { plural } from "../../words/say";
  import type { Begun } from "./begun";

  let { begun }: { begun: Begun } = $props();

  let name = $state("");
  let year = $state("");
  let problem = $state("");
  let busy = $state(false);
  const here = $derived(begun.classes.filter(({ archived }) => !archived));
  const archived = $derived(begun.classes.filter(({ archived }) => archived));
  const ROLES: Record<string, string> = {
    marks: /* @wc-include */ "you mark with a colleague",
    looks: /* @wc-include */ "you look on",
  };

  async function make(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = "";
    try {
      const made = await take(teacher.POST("/api/classes", { body: { name, year, source: "" } }));
      location.assign(`/classes/${made.id}/`);
    } catch (failure) {
      problem = sentenceOf(failure);
      busy = false;
    }
  }
</script>

{#snippet row(each: Schemas["ClassRow"])}
  <li>
    <a
      href="/classes/{each.id}/"
      class="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-6 py-4 transition-colors hover:bg-base-200"
    >
      <bdi class="font-serif text-xl font-semibold">{each.name}</bdi>
      <span class="quiet">{each.year}</span>
      <span class="quiet ms-auto tabular-nums">
        {#if ROLES[each.role]}{ROLES[each.role]} ·{/if}
        {plural(each.students, ["# student", "# students"])}
      </span>
    </a>
  </li>
{/snippet}

<TeacherHeader here="classes" email={begun.email} />
<main class="mx-auto max-w-3xl px-5 pb-16">
  <h1 class="mt-3 text-2xl">Your classes</h1>
  {#each begun.invitations as each (each.token)}
    <p class="mt-3 border-s-4 border-accent ps-3">
      {each.by} asks you to teach <bdi class="font-semibold">{each.name}</bdi> too:
      <a href="/invitations/{each.token}/">answer</a>
    </p>
  {/each}
  {#if here.length > 0}
    <ul class="card-paper mt-4 divide-y divide-(--hairline) overflow-hidden">
      {#each here as each (each.id)}{@render row(each)}{/each}
    </ul>
  {/if}
  <section
    class="mt-6 rounded-lg border-2 border-dashed border-(--line) bg-base-200/60 px-7 {here.length
      ? 'py-6'
      : 'py-10'}"
  >
    <h2 class="text-xl">{here.length ? "Make another class" : "Make your first class"}</h2>
    <p class="quiet mt-1">
      Its students need no account and no e-mail: each gets a sign-in card. Their names come in the next step.
    </p>
    <form class="mt-4 flex flex-wrap items-end gap-3" onsubmit={make}>
      <label class="flex-1 basis-52">
        <span class="field-label">Name of the class</span>
        <input class="input w-full" maxlength="60" required dir="auto" bind:value={name} />
      </label>
      <label class="basis-36">
        <span class="field-label">School year</span>
        <input class="input w-full" maxlength="20" dir="auto" bind:value={year} />
      </label>
      <button class="btn btn-primary h-10" disabled={busy}>Make the class</button>
    </form>
    {#if problem}<p class="problem mt-3" role="alert">{problem}</p>{/if}
  </section>
  {#if archived.length > 0}
    <h2 class="mt-9 text-lg">Archived</h2>
    <ul class="mt-2 divide-y divide-(--hairline)">
      {#each archived as each (each.id)}{@render row(each)}{/each}
    </ul>
  {/if}
</main>
