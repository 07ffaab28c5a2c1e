<script lang="ts">
  // What can be laid on a page. Pressing one picks it up; pressing it again puts it down.
  import { KINDS } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";
  import { FIXTURE_TOOLS, type FixtureTool } from "./fixtures/tools";

  let { editing }: { editing: Editing } = $props();

  const kinds = Object.entries(KINDS) as [keyof typeof KINDS, (typeof KINDS)[keyof typeof KINDS]][];
  const fixtures = Object.entries(FIXTURE_TOOLS) as [FixtureTool, (typeof FIXTURE_TOOLS)[FixtureTool]][];

  const pick = (tool: Editing["tool"]) => (editing.tool = editing.tool === tool ? null : tool);
</script>

<div class="min-h-0 overflow-y-auto p-0.5">
  <section aria-label="Lay on the film">
    <h2 class="quiet mb-2 font-sans text-sm font-semibold">Students answer with</h2>
    <div class="grid grid-cols-2 gap-2 max-lg:grid-cols-1">
      {#each kinds as [kind, { label, Icon }] (kind)}
        <button
          class="flex h-[4.25rem] flex-col justify-between rounded-lg p-2 text-left text-[0.8rem] font-semibold {editing.tool ===
          kind
            ? 'bg-base-100 outline-2 outline-accent'
            : 'bg-base-100/70'}"
          aria-pressed={editing.tool === kind}
          onclick={() => pick(kind)}
        >
          <Icon />{label}
        </button>
      {/each}
    </div>
  </section>
  <section class="mt-4" aria-label="Lay on the page">
    <h2 class="quiet mb-2 font-sans text-sm font-semibold">Fixed on the page</h2>
    <div class="grid grid-cols-4 gap-1 max-lg:grid-cols-2">
      {#each fixtures as [tool, { label, Icon }] (tool)}
        <button
          class="grid h-12 place-items-center rounded-md text-[0.7rem] leading-tight font-semibold {editing.tool ===
          tool
            ? 'bg-base-100 outline-2 outline-accent'
            : 'bg-base-100/70'}"
          aria-pressed={editing.tool === tool}
          onclick={() => pick(tool)}
        >
          <Icon size={18} aria-hidden="true" />{label}
        </button>
      {/each}
    </div>
  </section>
  <p class="quiet mt-2 text-sm">
    {#if editing.tool}
      Draw on the page, or press <kbd class="font-semibold">B</kbd>.
    {:else}
      Press something to move it.
    {/if}
  </p>
</div>
