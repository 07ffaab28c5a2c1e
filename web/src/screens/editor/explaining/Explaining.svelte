<script lang="ts">
  // On a field's slip: what is asked for, what helps, what is practised.
  import type { Field } from "../../../api/teacher";
  import Later from "../../../ui/Later.svelte";
  import type { Editing } from "../state/editing.svelte";
  import Tags from "./Tags.svelte";

  let { editing, field }: { editing: Editing; field: Field } = $props();

  const PARTS = [
    ["instructions", "Instructions"],
    ["help", "Help"],
  ] as const;

  let open = $state<"instructions" | "help">();
  const close = () => (open = undefined);
  const number = $derived(editing.store.number(field));
</script>

<div class="space-y-2">
  <div class="flex flex-wrap gap-2">
    {#each PARTS as [part, label] (part)}
      {@const count = field[part].length}
      <button class="btn btn-sm {count > 0 ? 'btn-secondary' : 'btn-outline'}" onclick={() => (open = part)}
        >{count > 0 ? `${label} (${count})` : label}</button
      >
    {/each}
  </div>
  <Tags {editing} fields={[field]} />
</div>
{#if open === "instructions"}
  <Later load={() => import("./InstructionsDialog.svelte")} onclose={close}>
    {#snippet children({ default: InstructionsDialog })}
      <InstructionsDialog
        {editing}
        about={{ field: field.id }}
        title="Instructions of question {number}"
        onclose={close}
      />
    {/snippet}
  </Later>
{:else if open === "help"}
  <Later load={() => import("./HelpDialog.svelte")} onclose={close}>
    {#snippet children({ default: HelpDialog })}<HelpDialog {editing} {field} onclose={close} />{/snippet}
  </Later>
{/if}
