// The rows and columns of a table, and the cells in them.

import type { Schemas } from "../../api/student";
import { areaOf, around, clamp, share, type Box } from "../../canvas/box";
import { newId } from "../../worksheet/ids";

export type Cell = Schemas["Cell"];
export interface Grid {
  columns: readonly number[];
  rows: readonly number[];
  cells: readonly Cell[];
}

export const MOST_LINES = 40;
export const MOST_CELLS = 400;
/** The share that a row or a column has at least (velum/kinds/answer_table.py). */
const NARROWEST = 0.004;
const LEAST_APART = 2 * NARROWEST;

/** The middle edges of so many equal rows or columns. */
export const evenly = (count: number): number[] =>
  Array.from({ length: count - 1 }, (_, i) => (i + 1) / count);

/** Where a cell lies, in shares of the table. */
export function boxOf({ columns, rows }: Pick<Grid, "columns" | "rows">, { row, column }: Cell): Box {
  const [x, right] = [[0, ...columns][column] ?? 0, [...columns, 1][column] ?? 1];
  const [y, bottom] = [[0, ...rows][row] ?? 0, [...rows, 1][row] ?? 1];
  return { x, y, width: right - x, height: bottom - y };
}

/** Cells row by row. */
export const inOrder = (cells: readonly Cell[]): Cell[] =>
  cells.toSorted((a, b) => a.row - b.row || a.column - b.column);

/** The cell in a place, if there is one to fill in. */
export const cellAt = ({ cells }: Pick<Grid, "cells">, row: number, column: number): Cell | undefined =>
  cells.find((cell) => cell.row === row && cell.column === column);

const newCell = (row: number, column: number): Cell => ({ id: newId(), row, column, name: "" });

/** All cells of so many rows and columns. */
export const allCells = (rows: number, columns: number): Cell[] =>
  Array.from({ length: rows * columns }, (_, i) => newCell(Math.floor(i / columns), i % columns));

/** The grid with so many rows and columns, evenly laid where their number changed; cells that are still in it stay. */
export function resized(grid: Grid, rows: number, columns: number): Grid {
  const cells = grid.cells.filter((cell) => cell.row < rows && cell.column < columns);
  const more = allCells(rows, columns).filter(
    ({ row, column }) => row > grid.rows.length || column > grid.columns.length,
  );
  const kept = [...cells, ...more].slice(0, MOST_CELLS);
  return {
    rows: rows === grid.rows.length + 1 ? grid.rows : evenly(rows),
    columns: columns === grid.columns.length + 1 ? grid.columns : evenly(columns),
    cells: kept.length > 0 ? kept : [newCell(0, 0)],
  };
}

/** The grid with a cell to fill in, or with what stands there left as it is printed; one cell is always to fill in. */
export function toggled(grid: Grid, row: number, column: number): Grid {
  const cell = cellAt(grid, row, column);
  if (!cell)
    return grid.cells.length < MOST_CELLS ? { ...grid, cells: [...grid.cells, newCell(row, column)] } : grid;
  return grid.cells.length > 1 ? { ...grid, cells: grid.cells.filter((other) => other !== cell) } : grid;
}

/** Edges with one of them elsewhere, but never beyond those beside it. */
export const edgeMoved = (edges: readonly number[], index: number, to: number): number[] =>
  edges.map((edge, i) =>
    i === index
      ? share(clamp(to, (edges[i - 1] ?? 0) + LEAST_APART, (edges[i + 1] ?? 1) - LEAST_APART))
      : edge,
  );

/** Points by which cells of a row or a column may be out of line. */
const TREMBLE = 3;

/** The table that is printed in a frame, with a cell in each of its blanks; undefined: there are too few. */
export function printedIn(blanks: readonly Box[], frame: Box): ({ box: Box } & Grid) | undefined {
  const there = blanks.filter((blank) => isWithin(blank, frame));
  if (there.length < 2) return undefined;
  const box = around([...there]);
  const columns = lines(there.map(({ x, width }) => [x, x + width]));
  const rows = lines(there.map(({ y, height }) => [y, y + height]));
  if (!columns || !rows || Math.max(columns.length, rows.length) > MOST_LINES) return undefined;
  const places = new Map<string, Cell>();
  for (const { x, y, width, height } of there) {
    const column = columns.findIndex(([from, to]) => x + width / 2 >= from && x + width / 2 <= to);
    const row = rows.findIndex(([from, to]) => y + height / 2 >= from && y + height / 2 <= to);
    if (row >= 0 && column >= 0) places.set(`${row} ${column}`, newCell(row, column));
  }
  const edges = (all: Line[], from: number, length: number) =>
    all
      .slice(1)
      .map(([start], i) => ((all[i]?.[1] ?? start) + start) / 2)
      .map((at) => share((at - from) / length));
  return {
    box,
    columns: edges(columns, box.x, box.width),
    rows: edges(rows, box.y, box.height),
    cells: [...places.values()].slice(0, MOST_CELLS),
  };
}

type Line = [from: number, to: number];

/** Rows or columns that stretches lie in; undefined: some lie across several. */
function lines(stretches: Line[]): Line[] | undefined {
  const found: Line[] = [];
  for (const [from, to] of stretches.sort((a, b) => a[0] - b[0] || a[1] - b[1])) {
    const last = found.at(-1);
    if (!last || from >= last[1] - TREMBLE) found.push([from, to]);
    else if (Math.abs(from - last[0]) > TREMBLE && Math.abs(to - last[1]) > TREMBLE) return undefined;
    else last[1] = Math.max(last[1], to);
  }
  return found;
}

function isWithin(blank: Box, frame: Box): boolean {
  const across = Math.min(blank.x + blank.width, frame.x + frame.width) - Math.max(blank.x, frame.x);
  const down = Math.min(blank.y + blank.height, frame.y + frame.height) - Math.max(blank.y, frame.y);
  return across > 0 && down > 0 && across * down > 0.5 * areaOf(blank);
}

/** What a cell is called: by its name, or its row and column. */
export const cellName = ({ name, row, column }: Cell): string =>
  name || /* @wc-include */ `row ${row + 1}, column ${column + 1}`;

/** The cell that an arrow leads to from another, over what is not filled in; undefined: there is none. */
export function beyond(grid: Pick<Grid, "cells">, from: Cell, key: string): Cell | undefined {
  const ways: Record<string, (cell: Cell) => number> = {
    ArrowUp: (cell) => (cell.column === from.column ? from.row - cell.row : 0),
    ArrowDown: (cell) => (cell.column === from.column ? cell.row - from.row : 0),
    ArrowLeft: (cell) => (cell.row === from.row ? from.column - cell.column : 0),
    ArrowRight: (cell) => (cell.row === from.row ? cell.column - from.column : 0),
  };
  const way = ways[key];
  if (!way) return undefined;
  return grid.cells.filter((cell) => way(cell) > 0).toSorted((a, b) => way(a) - way(b))[0];
}
