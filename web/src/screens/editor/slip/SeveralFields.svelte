<script lang="ts">
  // Several fields in hand: what can be made of them together.
  import type { Field } from "../../../api/teacher";
  import { wholeOf } from "../../../worksheet/numbering";
  import type { Editing } from "../state/editing.svelte";
  import GroupSettings from "./GroupSettings.svelte";
  import { markTogether, numberAsParts } from "../../../worksheet/commands/fields";
  import { asWordBank, boxesOf } from "../../../worksheet/commands/word_bank";
  import { groupOf } from "../../../worksheet/lying";

  let { editing, fields }: { editing: Editing; fields: Field[] } = $props();

  const first = $derived(fields[0]);
  const group = $derived(first && groupOf(editing.document, first));
  const boxes = $derived(boxesOf(fields));
  const isWhole = $derived(
    group?.fields.length === fields.length && fields.every(({ id }) => group.fields.includes(id)),
  );
</script>

<div class="mt-4 space-y-4">
  <button class="btn btn-outline btn-sm" onclick={() => editing.do(numberAsParts(editing.document, fields))}>
    Number as parts: {first ? wholeOf(editing.store.number(first)) : ""}a, b, …
  </button>
  {#if boxes}
    <button class="btn btn-outline btn-sm" onclick={() => editing.do(asWordBank(editing.document, boxes))}>
      Make them slots of a word bank
    </button>
  {/if}
  {#if group && isWhole}
    <GroupSettings {editing} {group} />
  {:else}
    <button class="btn btn-outline btn-sm" onclick={() => editing.do(markTogether(editing.document, fields))}
      >Mark together</button
    >
  {/if}
</div>
