<script lang="ts">
  import { sentenceOf } from "../../../api/failure";
  import { plural } from "../../../words/say";
  import type { Audience } from "./audience.svelte";

  let { audience }: { audience: Audience } = $props();

  let problem = $state("");

  async function some(id: string) {
    problem = "";
    try {
      await audience.chooseSome(id);
    } catch (failure) {
      problem = sentenceOf(failure);
    }
  }
</script>

<fieldset>
  <legend class="field-label">To whom</legend>
  <ul class="space-y-2">
    {#each audience.classes as each (each.id)}
      {@const chosen = audience.chosen[each.id]}
      <li>
        <div class="flex flex-wrap items-center gap-x-4">
          <label class="flex flex-1 items-center gap-3 py-1">
            <input
              type="checkbox"
              class="checkbox"
              disabled={each.students === 0}
              checked={each.id in audience.chosen}
              onchange={(event) => audience.choose(each.id, event.currentTarget.checked)}
            />
            <span
              ><bdi class="font-semibold">{each.name}</bdi>
              <span class="quiet">
                {each.year}{each.year ? " · " : ""}{Array.isArray(chosen)
                  ? `${chosen.length} of ${each.students}`
                  : plural(each.students, ["# student", "# students"])}
              </span></span
            >
          </label>
          {#if chosen === null}
            <button class="btn btn-ghost btn-sm" onclick={() => some(each.id)}>Only some of them</button>
          {:else if chosen}
            <button class="btn btn-ghost btn-sm" onclick={() => audience.choose(each.id, true)}
              >All of them</button
            >
          {/if}
        </div>
        {#if Array.isArray(chosen)}
          <ul class="ms-9 mt-1 mb-2 grid max-h-56 grid-cols-2 gap-x-4 overflow-y-auto">
            {#each audience.students[each.id] ?? [] as student (student.id)}
              <li>
                <label class="flex items-center gap-2 py-0.5">
                  <input
                    type="checkbox"
                    class="checkbox checkbox-sm"
                    checked={chosen.includes(student.id)}
                    onchange={() => audience.toggle(each.id, student.id)}
                  />
                  <bdi>{student.name}</bdi>
                </label>
              </li>
            {/each}
          </ul>
        {/if}
      </li>
    {/each}
    <li>
      <label class="flex items-center gap-3 py-1">
        <input type="checkbox" class="checkbox" bind:checked={audience.guests} />
        <span><b>Anybody with the code</b> <span class="quiet">who joins by name</span></span>
      </label>
    </li>
  </ul>
  {#if audience.classes.length === 0}
    <p class="quiet mt-1 text-sm">
      Students who have sign-in cards need no code: <a href="/classes/">make a class</a>.
    </p>
  {/if}
  {#if problem}<p class="problem mt-2" role="alert">{problem}</p>{/if}
</fieldset>
