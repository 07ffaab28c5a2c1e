<script lang="ts">
  // Which of the worksheet's skills the fields in hand are tagged with.
  import type { Field } from "../../../api/teacher";
  import { tag } from "../../../worksheet/commands/explaining";
  import type { Editing } from "../state/editing.svelte";

  let { editing, fields }: { editing: Editing; fields: readonly Field[] } = $props();

  const ids = $derived(fields.map(({ id }) => id));
</script>

{#if editing.document.skills.length > 0}
  <fieldset>
    <legend class="field-label">Skills</legend>
    <div class="flex flex-wrap gap-1.5">
      {#each editing.document.skills as skill (skill.id)}
        {@const tagged = fields.filter(({ skills }) => skills.includes(skill.id)).length}
        <label class="pick btn btn-sm">
          <input
            type="checkbox"
            class="sr-only"
            checked={tagged === fields.length}
            indeterminate={tagged > 0 && tagged < fields.length}
            onchange={() => editing.do(tag(editing.document, ids, skill.id, tagged < fields.length))}
          />
          {skill.name}
        </label>
      {/each}
    </div>
  </fieldset>
{/if}
