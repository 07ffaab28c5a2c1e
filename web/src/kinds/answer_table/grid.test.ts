import { expect, test } from "vitest";
import {
  allCells,
  beyond,
  boxOf,
  cellAt,
  edgeMoved,
  evenly,
  inOrder,
  printedIn,
  resized,
  toggled,
  type Grid,
} from "./grid";

const GRID: Grid = { columns: evenly(2), rows: evenly(3), cells: allCells(3, 2) };
const at = (grid: Grid, row: number, column: number) => cellAt(grid, row, column)?.id;

test("a cell lies between its edges", () => {
  const [, , cell] = GRID.cells;
  expect(cell && boxOf(GRID, cell)).toEqual({ x: 0, y: 1 / 3, width: 0.5, height: 1 / 3 });
});

test("rows and columns come and go, and cells that stay are the same", () => {
  const more = resized(GRID, 4, 2);
  expect([more.cells.length, more.rows.length, more.columns]).toEqual([8, 3, GRID.columns]);
  expect(at(more, 1, 1)).toBe(at(GRID, 1, 1));
  const fewer = resized(GRID, 1, 1);
  expect([fewer.cells.length, at(fewer, 0, 0)]).toEqual([1, at(GRID, 0, 0)]);
  // What is printed stays printed, and is not filled in because a column was added.
  const printed = toggled(GRID, 0, 0);
  expect(cellAt(resized(printed, 3, 3), 0, 0)).toBeUndefined();
});

test("a table has no more cells than are kept", () => {
  expect(resized(GRID, 40, 40).cells).toHaveLength(400);
});

test("a cell is to fill in, or is left as it is printed; one is always to fill in", () => {
  const without = toggled(GRID, 0, 0);
  expect([without.cells.length, at(without, 0, 0)]).toEqual([5, undefined]);
  expect(toggled(without, 0, 0).cells).toHaveLength(6);
  const one: Grid = { columns: [], rows: [], cells: allCells(1, 1) };
  expect(toggled(one, 0, 0)).toBe(one);
});

test("an edge is moved up to those beside it", () => {
  expect(edgeMoved([0.3, 0.6], 0, 0.5)).toEqual([0.5, 0.6]);
  const [first, second] = edgeMoved([0.3, 0.6], 0, 0.9);
  expect([first !== undefined && second !== undefined && first < second, second]).toEqual([true, 0.6]);
  expect(edgeMoved([0.5], 0, -3)[0]).toBeGreaterThan(0);
});

test("arrows lead from cell to cell, over what is printed", () => {
  const grid = toggled(GRID, 1, 0);
  const from = cellAt(grid, 0, 0);
  if (!from) throw new Error("There is no first cell.");
  expect(beyond(grid, from, "ArrowDown")).toBe(cellAt(grid, 2, 0));
  expect(beyond(grid, from, "ArrowRight")).toBe(cellAt(grid, 0, 1));
  expect([beyond(grid, from, "ArrowUp"), beyond(grid, from, "Home")]).toEqual([undefined, undefined]);
});

test("a printed table has a cell in each of its blanks", () => {
  const blank = (column: number, row: number) => ({
    x: 100 + 62 * column,
    y: 50 + 22 * row,
    width: 60,
    height: 20,
  });
  const blanks = [blank(1, 0), blank(0, 1), blank(1, 1), blank(0, 2)];
  const found = printedIn(blanks, { x: 90, y: 40, width: 200, height: 100 });
  expect(found?.box).toEqual({ x: 100, y: 50, width: 122, height: 64 });
  expect(found && inOrder(found.cells).map(({ row, column }) => [row, column])).toEqual([
    [0, 1],
    [1, 0],
    [1, 1],
    [2, 0],
  ]);
  expect(found?.columns[0]).toBeCloseTo(61 / 122);
  expect(printedIn(blanks, { x: 300, y: 300, width: 50, height: 50 })).toBeUndefined();
  const across = [...blanks, { x: 130, y: 200, width: 60, height: 20 }];
  expect(printedIn(across, { x: 0, y: 0, width: 500, height: 500 })).toBeUndefined();
});
