// Arrow keys lead from cell to cell: up and down always, left and right where the cursor stands at the end of what is
// written.

import { beyond, type Cell, type Grid } from "./grid";

export function ontoNext(event: KeyboardEvent, grid: Pick<Grid, "cells">, from: Cell): void {
  const input = event.currentTarget;
  if (
    !(input instanceof HTMLInputElement) ||
    event.shiftKey ||
    event.ctrlKey ||
    event.altKey ||
    event.metaKey
  )
    return;
  const { selectionStart: start, selectionEnd: end, value } = input;
  if (event.key === "ArrowLeft" && (start !== 0 || end !== 0)) return;
  if (event.key === "ArrowRight" && (start !== value.length || end !== value.length)) return;
  const to = beyond(grid, from, event.key === "Enter" ? "ArrowDown" : event.key);
  const next = to && input.closest("[data-field]")?.querySelector<HTMLInputElement>(`[data-cell="${to.id}"]`);
  if (!next) return;
  event.preventDefault();
  next.focus();
  next.select();
}
