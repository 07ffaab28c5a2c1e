<script lang="ts">
  // On the worksheet's slip: instructions of the worksheet and of its pages, and its own list of skills.
  import LIMITS from "../../../generated/limits.json";
  import Later from "../../../ui/Later.svelte";
  import {
    instructionsOf,
    setSkills,
    withSkill,
    type Instructed,
  } from "../../../worksheet/commands/explaining";
  import type { Editing } from "../state/editing.svelte";

  let { editing }: { editing: Editing } = $props();

  let open = $state.raw<{ about: Instructed; title: string }>();
  let added = $state("");
  const close = () => (open = undefined);
  const skills = $derived(editing.document.skills);

  function add(event: SubmitEvent) {
    event.preventDefault();
    const more = withSkill(skills, added);
    if (more) editing.do(setSkills(more));
    added = "";
  }
</script>

{#snippet opener(about: Instructed, label: string, title: string)}
  {@const there = instructionsOf(editing.document, about).length > 0}
  <button
    class="btn btn-sm {there ? 'btn-secondary' : 'btn-outline'}"
    aria-label={there ? `${title}: there are some` : title}
    onclick={() => (open = { about, title })}>{label}</button
  >
{/snippet}

<div>
  <p class="field-label">Instructions</p>
  <div class="flex flex-wrap gap-1.5" role="group" aria-label="Instructions">
    {@render opener({}, "Worksheet", "Instructions of the worksheet")}
    {#each editing.document.pages as page, i (page.id)}
      {@render opener({ page: page.id }, `Page ${i + 1}`, `Instructions of page ${i + 1}`)}
    {/each}
  </div>
</div>
<div class="mt-4">
  <p class="field-label">Skills that are practised</p>
  {#if skills.length > 0}
    <ul class="mb-2 space-y-1">
      {#each skills as skill (skill.id)}
        <li class="flex gap-1">
          <input
            class="input input-sm min-w-0 flex-1"
            aria-label="Name of the skill"
            maxlength={LIMITS.skill}
            value={skill.name}
            onchange={(event) => {
              const name = event.currentTarget.value.trim();
              const others = skills.filter(({ id }) => id !== skill.id);
              if (withSkill(others, name))
                editing.do(
                  setSkills(skills.map((each) => (each.id === skill.id ? { ...each, name } : each))),
                );
              else event.currentTarget.value = skill.name;
            }}
          />
          <button
            class="btn btn-ghost btn-sm"
            aria-label="Remove the skill {skill.name}"
            onclick={() => editing.do(setSkills(skills.filter(({ id }) => id !== skill.id)))}>×</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <form class="flex gap-1" onsubmit={add}>
    <input
      class="input input-sm min-w-0 flex-1"
      aria-label="Another skill"
      placeholder="Reading tables"
      maxlength={LIMITS.skill}
      bind:value={added}
    />
    <button class="btn btn-outline btn-sm">Add</button>
  </form>
</div>
{#if open}
  {@const { about, title } = open}
  <Later load={() => import("./InstructionsDialog.svelte")} onclose={close}>
    {#snippet children({ default: InstructionsDialog })}
      <InstructionsDialog {editing} {about} {title} onclose={close} />
    {/snippet}
  </Later>
{/if}
