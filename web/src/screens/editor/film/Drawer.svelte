<script lang="ts">
  // What can be laid on a page. Pressing one picks it up; pressing it again puts it down.
  import { KINDS } from "../../../kinds/teacher";
  import type { Editing } from "../state/editing.svelte";
  import { FIXTURE_TOOLS, type FixtureTool } from "../fixtures/tools";

  let { editing }: { editing: Editing } = $props();

  const fixtures = Object.entries(FIXTURE_TOOLS) as [FixtureTool, (typeof FIXTURE_TOOLS)[FixtureTool]][];

  const pick = (tool: Editing["hand"]["tool"]) =>
    (editing.hand.tool = editing.hand.tool === tool ? null : tool);
</script>

<div class="flex min-h-0 flex-wrap content-start gap-x-4 gap-y-3 overflow-y-auto p-0.5" data-drawer>
  <section aria-label="Lay on the film">
    <h2 class="quiet mb-1 font-sans text-xs font-semibold">Answer with</h2>
    <div class="flex flex-wrap gap-1">
      {#each KINDS.names as kind (kind)}
        {@const { label, Icon } = KINDS.get(kind)}
        <button
          class="flex min-h-14 w-[2.875rem] flex-col justify-between gap-0.5 rounded-md p-0.5 text-center text-[0.7rem] leading-tight font-semibold {editing
            .hand.tool === kind
            ? 'bg-base-100 outline-2 outline-accent'
            : 'bg-base-100/70'}"
          aria-pressed={editing.hand.tool === kind}
          onclick={() => pick(kind)}
        >
          <Icon />{label}
        </button>
      {/each}
    </div>
  </section>
  <section aria-label="Lay on the page">
    <h2 class="quiet mb-1 font-sans text-xs font-semibold">Fixed on paper</h2>
    <div class="flex flex-wrap gap-1">
      {#each fixtures as [tool, { label, Icon }] (tool)}
        <button
          class="grid min-h-11 w-[2.875rem] place-items-center rounded-md text-[0.7rem] leading-tight font-semibold {editing
            .hand.tool === tool
            ? 'bg-base-100 outline-2 outline-accent'
            : 'bg-base-100/70'}"
          aria-pressed={editing.hand.tool === tool}
          onclick={() => pick(tool)}
        >
          <Icon size={18} aria-hidden="true" />{label}
        </button>
      {/each}
    </div>
  </section>
  <p class="quiet w-24 text-xs">
    {#if editing.hand.tool}
      Draw on the page, or press <kbd class="font-semibold">B</kbd>.
    {:else}
      Press something to move it.
    {/if}
  </p>
</div>
