<script lang="ts">
  // The kinds that can be laid on the film. Pressing one picks it up; pressing it again puts it down.
  import { KINDS } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";

  let { editing }: { editing: Editing } = $props();

  const kinds = Object.entries(KINDS) as [keyof typeof KINDS, (typeof KINDS)[keyof typeof KINDS]][];
</script>

<section class="min-h-0 overflow-y-auto p-0.5" aria-label="Lay on the film">
  <h2 class="quiet mb-2 font-sans text-sm font-semibold">Lay on the film</h2>
  <div class="grid grid-cols-2 gap-2 max-lg:grid-cols-1">
    {#each kinds as [kind, { label, Icon }] (kind)}
      <button
        class="flex h-[4.25rem] flex-col justify-between rounded-lg p-2 text-left text-[0.8rem] font-semibold {editing.tool ===
        kind
          ? 'bg-base-100 outline-2 outline-accent'
          : 'bg-base-100/70'}"
        aria-pressed={editing.tool === kind}
        onclick={() => (editing.tool = editing.tool === kind ? null : kind)}
      >
        <Icon />{label}
      </button>
    {/each}
  </div>
  <p class="quiet mt-3 text-sm">
    {#if editing.tool}
      Draw on the page, or press where it goes. Press <kbd class="font-semibold">B</kbd> to lay one with the keyboard.
    {:else}
      Press a box to move it. Pick up a kind to lay more.
    {/if}
  </p>
</section>
