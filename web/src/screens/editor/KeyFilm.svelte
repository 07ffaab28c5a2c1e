<script lang="ts">
  // The film of one page as a key sheet: the teacher fills it in, and what it holds is the key.
  import type { Page } from "../../api/teacher";
  import { kindOf } from "../../kinds/teacher";
  import type { Editing } from "./editing.svelte";

  let { editing, page, scale }: { editing: Editing; page: Page; scale: number } = $props();
</script>

{#each editing.fieldsOn(page) as field (field.id)}
  {@const KeyField = kindOf(field).KeyField}
  {@const fieldKey = editing.document.keys[field.id]}
  <div
    class="film-field focus-within:bg-(--sheet) focus-within:outline-[2.5px] focus-within:outline-accent {kindOf(
      field,
    ).clear
      ? 'bg-transparent!'
      : fieldKey
        ? 'bg-(--sheet)'
        : ''} {fieldKey ? '' : 'outline-dashed'}"
    style:left="{field.box.x * scale}px"
    style:top="{field.box.y * scale}px"
    style:width="{field.box.width * scale}px"
    style:height="{field.box.height * scale}px"
    data-field={field.id}
    onfocusin={() => editing.select([field.id])}
  >
    <KeyField
      {field}
      {fieldKey}
      {scale}
      label="Right answer {editing.number(field)}"
      onkey={(key) => editing.setKey(field, key)}
    />
    <span class="film-tag absolute -top-2.5 -left-2.5">{editing.number(field)}</span>
  </div>
{/each}
