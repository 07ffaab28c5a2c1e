<script lang="ts">
  // The film of one page as a key sheet: the teacher fills it in, and what it holds is the key.
  import type { Field, Page } from "../../../api/teacher";
  import { dressed } from "../../../kinds/look";
  import { placesOf } from "../../../kinds/form";
  import { kindOf } from "../../../kinds/teacher";
  import { announce } from "../../../ui/Announcer.svelte";
  import type { Ink } from "../../../canvas/ink";
  import { roomFor } from "../../../canvas/tab_place";
  import NumberTab from "../../../ui/NumberTab.svelte";
  import type { Editing } from "../state/editing.svelte";
  import { lookAt } from "../look_at";
  import { setKey } from "../../../worksheet/commands/fields";

  /** Pick the option of a letter that is typed on a field, and go on to the next one if that is all it asks for. */
  function pickByLetter(event: KeyboardEvent, field: Field) {
    const typing =
      event.target instanceof HTMLElement &&
      event.target.matches("input:not([type=radio], [type=checkbox]), textarea, select");
    if (typing || event.ctrlKey || event.metaKey || event.altKey || !/^[a-z]$/i.test(event.key)) return;
    const place = event.key.toLowerCase().charCodeAt(0) - "a".charCodeAt(0);
    const key = kindOf(field).pickedKey?.(field, place, editing.document.keys[field.id]);
    if (key === undefined) return;
    event.preventDefault();
    editing.do(setKey(editing.document, field.id, key));
    const number = editing.store.number(field);
    announce(
      key ? `Right answer ${number}: ${kindOf(field).keyInWords(key, field)}` : `No right answer ${number}`,
    );
    const next = editing.store.fields[editing.store.fields.indexOf(field) + 1];
    if (next && kindOf(field).asksForOne?.(field)) lookAt(editing, [next.id], "key");
  }

  interface Props {
    editing: Editing;
    page: Page;
    scale: number;
    ink: Ink | undefined;
  }
  let { editing, page, scale, ink }: Props = $props();

  const tabs = $derived(editing.tabs(page, scale, ink));
</script>

{#each editing.store.fieldsOn(page) as field (field.id)}
  {@const { KeyField, clear } = kindOf(field)}
  {@const style = field.style ?? editing.document.style}
  {@const fieldKey = editing.document.keys[field.id]}
  {#each placesOf(field).filter((place) => place.page === page.id) as place (place.id)}
    {@const question = editing.questionsAt(field, page).find(({ box }) => box === place.box)}
    {@const number = question?.number ?? ""}
    {@const tab = question && tabs.get(question.name)}
    <div
      class="film-field focus-within:bg-(--sheet) focus-within:outline-[2.5px] focus-within:outline-accent {clear
        ? 'clear bg-transparent!'
        : fieldKey
          ? style.fill === 'film'
            ? 'bg-(--sheet)'
            : ''
          : ''} {fieldKey ? '' : 'outline-dashed'}"
      style:left="{place.box.x * scale}px"
      style:top="{place.box.y * scale}px"
      style:width="{place.box.width * scale}px"
      style:height="{place.box.height * scale}px"
      data-field={field.id}
      role="presentation"
      style:--tab-room={roomFor(tab, number)}
      {@attach dressed(style, clear)}
      onkeydown={(event) => pickByLetter(event, field)}
      onfocusin={() => editing.hand.select([field.id])}
    >
      <KeyField
        {field}
        {place}
        {fieldKey}
        numbers={editing.numbersIn(field)}
        {style}
        {scale}
        label="Right answer {number || editing.store.number(field)}"
        onkey={(key) => editing.do(setKey(editing.document, field.id, key))}
      />
      {#if number}<NumberTab {number} box={place.box} place={tab} {scale} />{/if}
    </div>
  {/each}
{/each}
