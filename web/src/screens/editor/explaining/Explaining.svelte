<script lang="ts">
  // On a field's slip: what is asked for, what helps, what is practised.
  import type { Field } from "../../../api/teacher";
  import Later from "../../../ui/Later.svelte";
  import { addWorking, asQuestion, workingOf } from "../../../worksheet/commands/working_out";
  import { workingIn } from "../../../worksheet/numbering";
  import type { Editing } from "../state/editing.svelte";
  import Tags from "./Tags.svelte";

  let { editing, field }: { editing: Editing; field: Field } = $props();

  const PARTS = [
    ["instructions", "Instructions"],
    ["help", "Help"],
  ] as const;

  let open = $state<"instructions" | "help">();
  const close = () => (open = undefined);
  // @wc-include
  const WORKING = "Working-out";
  const working = $derived(workingOf(editing.document, field));
  const target = $derived(editing.document.fields.find(({ id }) => id === field.working_for));
  const isWorking = $derived(workingIn(editing.document.fields)(field));
  const whole = $derived(target ? editing.store.number(target) : "");
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
    {#if working.length > 0}
      <button
        class="btn btn-secondary btn-sm"
        onclick={() => editing.hand.select(working.map(({ id }) => id))}
        >Working-out ({working.length})</button
      >
    {:else if !isWorking}
      <button
        class="btn btn-outline btn-sm"
        title="A place beside it to work the answer out by hand"
        onclick={() => editing.do(addWorking(editing.document, field, WORKING))}>Working-out</button
      >
    {/if}
  </div>
  {#if isWorking}
    <p class="quiet text-sm">
      Working-out for question {whole}.
      <button
        class="underline underline-offset-2"
        onclick={() => editing.do(asQuestion(editing.document, field.id))}
        >Make it a question of its own</button
      >
    </p>
  {/if}
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
