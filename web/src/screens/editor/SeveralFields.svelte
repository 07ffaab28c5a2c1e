<script lang="ts">
  // Several fields in hand: what can be made of them together.
  import type { Field } from "../../api/teacher";
  import { wholeOf } from "../../worksheet/numbering";
  import type { Editing } from "./editing.svelte";
  import GroupSettings from "./GroupSettings.svelte";

  let { editing, fields }: { editing: Editing; fields: Field[] } = $props();

  const first = $derived(fields[0]);
  const group = $derived(first && editing.groupOf(first));
  const isWhole = $derived(
    group?.fields.length === fields.length && fields.every(({ id }) => group.fields.includes(id)),
  );
</script>

<div class="mt-4 space-y-4">
  <button class="btn btn-outline btn-sm" onclick={() => editing.makeParts(fields)}>
    Number as parts: {first ? wholeOf(editing.number(first)) : ""}a, b, …
  </button>
  {#if group && isWhole}
    <GroupSettings {editing} {group} />
  {:else}
    <button class="btn btn-outline btn-sm" onclick={() => editing.group(fields)}>Mark together</button>
  {/if}
</div>
