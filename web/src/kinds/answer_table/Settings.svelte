<script lang="ts">
  import CountInput from "../../ui/CountInput.svelte";
  import Folded from "../../ui/Folded.svelte";
  import LIMITS from "../../generated/limits.json";
  import PartSettings from "../PartSettings.svelte";
  import { withSettled } from "../settled";
  import type { SettingsProps } from "../teacher";
  import { moved, type Side } from "./edges";
  import { cellAt, cellName, inOrder, MOST_LINES, printedIn, resized, toggled, type Grid } from "./grid";

  let { field, numbers, printed, onchange, onboth }: SettingsProps<"answer_table"> = $props();

  let problem = $state("");
  let looking = $state(false);
  const [rows, columns] = $derived([field.rows.length + 1, field.columns.length + 1]);
  type Table = typeof field;

  /** The field with another grid; what was settled of cells that are gone goes too. */
  const withGrid = (field: Table, { rows, columns, cells }: Grid): Table => ({
    ...field,
    rows: [...rows],
    columns: [...columns],
    cells: [...cells],
    settled: Object.fromEntries(
      Object.entries(field.settled).filter(([id]) => cells.some((cell) => cell.id === id)),
    ),
  });

  /** Change the grid, and take what is right in cells that are gone out of the key. */
  function change(changed: (field: Table) => Grid & { box?: Table["box"] }) {
    if (!onboth) return;
    onboth((field, key) => {
      const grid = changed(field);
      const now = { ...withGrid(field, grid), box: grid.box ?? field.box };
      const right = (key?.right ?? []).filter(({ part }) => now.cells.some(({ id }) => id === part));
      return [now, right.length > 0 ? { kind: "answer_table", right } : null];
    });
  }

  /** Milliseconds between two looks at a page that is still being read, and how often it is looked at. */
  const APART = 250;
  const LOOKS = 120;

  async function takePrinted() {
    looking = true;
    for (let look = 0; look < LOOKS && !printed(); look++)
      await new Promise((then) => setTimeout(then, APART));
    looking = false;
    const found = printedIn(printed()?.blanks ?? [], field.box);
    problem = found ? "" : "No table with blank cells was found printed in it.";
    if (found) change(() => found);
  }

  function moveEdge(event: KeyboardEvent, side: Side, index: number) {
    const steps = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (!steps) return;
    event.preventDefault();
    const points = steps * (event.shiftKey ? 10 : 1);
    onchange((field) => moved(field, side, index, points), true);
  }

  const setCell = (id: string, name: string) =>
    onchange(
      (field) => ({
        ...field,
        cells: field.cells.map((cell) => (cell.id === id ? { ...cell, name } : cell)),
      }),
      true,
    );
</script>

{#if onboth}
  <div class="flex gap-3">
    <label class="flex-1"
      ><span class="field-label">Rows</span>
      <CountInput
        value={rows}
        min={1}
        max={MOST_LINES}
        onvalue={(count) => change((field) => resized(field, count, field.columns.length + 1))}
      /></label
    >
    <label class="flex-1"
      ><span class="field-label">Columns</span>
      <CountInput
        value={columns}
        min={1}
        max={MOST_LINES}
        onvalue={(count) => change((field) => resized(field, field.rows.length + 1, count))}
      /></label
    >
  </div>
  <div>
    <button class="btn btn-outline btn-sm" disabled={looking} onclick={takePrinted}
      >{looking ? "Looking at the page…" : "As it is printed"}</button
    >
    {#if problem}<p class="mt-1 text-sm font-semibold text-warning" role="alert">{problem}</p>{/if}
  </div>
  <div>
    <p class="field-label" id="cells-to-fill">Cells that students fill in</p>
    <div
      class="grid gap-0.5"
      style:grid-template-columns="repeat({columns}, minmax(0, 1fr))"
      role="group"
      aria-labelledby="cells-to-fill"
    >
      {#each { length: rows }, row (row)}
        {#each { length: columns }, column (column)}
          {@const cell = cellAt(field, row, column)}
          <button
            class="h-6 min-w-0 truncate rounded-sm border text-xs tabular-nums {cell
              ? 'border-(--film) bg-(--film)/15'
              : 'border-(--hairline)'}"
            aria-pressed={cell !== undefined}
            aria-label={cell
              ? `${numbers[cell.id]}: ${cellName(cell)}`
              : `row ${row + 1}, column ${column + 1}`}
            onclick={() => change((field) => toggled(field, row, column))}
            >{cell ? numbers[cell.id] : ""}</button
          >
        {/each}
      {/each}
    </div>
  </div>
{/if}
{#if onboth && rows + columns > 2}
  <Folded title="Widths and heights">
    <p class="quiet text-sm">Drag the edges on the page, or move them with the arrow keys here.</p>
    <div class="mt-1 flex flex-wrap gap-1">
      {#each ["columns", "rows"] as const as side (side)}
        {#each field[side].keys() as i (i)}
          <button class="btn btn-outline btn-xs" onkeydown={(event) => moveEdge(event, side, i)}
            >{side === "columns" ? `After column ${i + 1}` : `After row ${i + 1}`}</button
          >
        {/each}
      {/each}
    </div>
  </Folded>
{/if}
<Folded title="Each cell">
  {#each inOrder(field.cells) as cell (cell.id)}
    {@const name = cellName(cell)}
    <fieldset class="mt-3 border-t border-(--hairline) pt-2">
      <legend class="sr-only">{name}</legend>
      <div class="flex items-baseline gap-1.5">
        <b class="flex-none tabular-nums">{numbers[cell.id]}</b>
        <input
          class="input input-sm min-w-0 flex-1"
          aria-label="What is asked in {name}"
          placeholder={name}
          maxlength={LIMITS.name}
          value={cell.name}
          oninput={(event) => setCell(cell.id, event.currentTarget.value.trim())}
        />
      </div>
      <PartSettings
        {name}
        settled={field.settled[cell.id]}
        onchange={(settled) => onchange((field) => withSettled(field, cell.id, settled), true)}
      />
    </fieldset>
  {/each}
</Folded>
