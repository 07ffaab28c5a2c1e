<script lang="ts">
  // All fields in the order in which they are read, as a list: the pages' twin for those who do not see them, and the quick
  // way to name, number and value many.
  import type { Field } from "../../../api/teacher";
  import LIMITS from "../../../generated/limits.json";
  import { kindOf } from "../../../kinds/teacher";
  import { Gradually } from "../../../ui/gradually.svelte";
  import { changeSome, removeAll } from "../../../worksheet/commands/fields";
  import { groupOf } from "../../../worksheet/lying";
  import PointsInput from "../slip/PointsInput.svelte";
  import type { Editing } from "../state/editing.svelte";

  interface Props {
    editing: Editing;
    /** Show a field on its page. */
    onshow: (field: Field) => void;
    onback: () => void;
  }
  let { editing, onshow, onback }: Props = $props();

  const fields = $derived(editing.store.fields);
  const built = new Gradually(40, () => editing.store.fields.length);
  const pageNumber = (field: Field) => editing.document.pages.findIndex(({ id }) => id === field.page) + 1;

  function change(field: Field, label: string, changed: Partial<Field>) {
    const merged = (now: Field) => ({ ...now, ...changed }) as Field;
    editing.do(changeSome(editing.document, [field.id], label, merged, true));
  }

  function toggle(field: Field) {
    const { selected } = editing.hand;
    const others = selected.filter((id) => id !== field.id);
    editing.hand.select(selected.includes(field.id) ? others : [...selected, field.id]);
  }

  /** Up and down go to the same column of the next row. */
  function onkeydown(event: KeyboardEvent) {
    if ((event.key !== "ArrowDown" && event.key !== "ArrowUp") || event.altKey || event.ctrlKey) return;
    const cell = (event.target as Element).closest("td");
    const row = cell?.parentElement;
    const next = event.key === "ArrowDown" ? row?.nextElementSibling : row?.previousElementSibling;
    const there = cell && next?.children[cell.cellIndex]?.querySelector<HTMLElement>("input, button");
    if (!there) return;
    event.preventDefault();
    there.focus();
    if (there instanceof HTMLInputElement && there.type !== "checkbox") there.select();
  }
</script>

<div class="h-full overflow-auto p-4">
  <div class="mb-3 flex items-baseline gap-4">
    <h2 class="text-lg">All fields</h2>
    <button class="btn btn-outline btn-sm" onclick={onback}>Back to the pages</button>
  </div>
  {#if fields.length === 0}
    <p>Nothing lies on the film yet.</p>
  {:else}
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions (arrow keys go from row to row; Tab does, too) -->
    <table class="field-list card-paper" aria-label="All fields" {onkeydown}>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">In hand</span></th>
          <th scope="col">Number</th>
          <th scope="col">Name, for those who listen</th>
          <th scope="col">Points</th>
          <th scope="col">Kind</th>
          <th scope="col">Page</th>
          <th scope="col">Right answer</th>
          <th scope="col"><span class="sr-only">What can be done</span></th>
        </tr>
      </thead>
      <tbody>
        {#each fields.slice(0, built.count) as field (field.id)}
          {@const number = editing.store.number(field)}
          {@const fieldKey = editing.document.keys[field.id]}
          <tr class={editing.hand.selected.includes(field.id) ? "bg-accent/15" : ""}>
            <td>
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                aria-label="{number} in hand"
                checked={editing.hand.selected.includes(field.id)}
                onchange={() => toggle(field)}
              />
            </td>
            <td>
              <input
                class="input input-sm w-20 tabular-nums"
                aria-label="Number of {number}"
                maxlength={LIMITS.number}
                value={field.number}
                placeholder={number}
                oninput={(event) =>
                  change(field, "Number changed", { number: event.currentTarget.value.trim() })}
              />
            </td>
            <td>
              <input
                class="input input-sm w-full min-w-40"
                dir="auto"
                aria-label="Name of {number}"
                maxlength={LIMITS.name}
                value={field.name}
                oninput={(event) => change(field, "Name changed", { name: event.currentTarget.value })}
              />
            </td>
            <td>
              {#if groupOf(editing.document, field)?.points == null}
                <PointsInput
                  label="Points of {number}"
                  points={field.points}
                  onpoints={(points) => change(field, "Points changed", { points })}
                />
              {:else}<span class="quiet">with others</span>{/if}
            </td>
            <td class="whitespace-nowrap">{kindOf(field).label}{field.locked ? ", locked" : ""}</td>
            <td class="tabular-nums">{pageNumber(field)}</td>
            <td class="max-w-48 truncate" dir="auto">
              {#if fieldKey}{kindOf(field).keyInWords(fieldKey, field)}{:else}<span class="quiet"
                  >none yet</span
                >{/if}
            </td>
            <td class="whitespace-nowrap">
              <button class="btn btn-ghost btn-xs" aria-label="Show {number}" onclick={() => onshow(field)}
                >Show</button
              >
              <button
                class="btn btn-ghost btn-xs"
                aria-label="Remove {number}"
                disabled={field.locked}
                onclick={() => editing.do(removeAll(editing.document, [field.id]))}>Remove</button
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</div>
