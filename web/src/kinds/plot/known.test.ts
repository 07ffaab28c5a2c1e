import { expect, test } from "vitest";
import { asGrid, knownOf, withPlace, withValue } from "./known";
import { onGrid } from "./on_grid";
import { plot } from "./teacher";

const field = plot.draw("plot0001", "page1", { x: 10, y: 10, width: 300, height: 40 });
const axis = { first: 0, last: 12, step: 2, number_each: 1, label: "" };
const grid = {
  kind: "grid",
  id: "grid0001",
  page: "page1",
  box: { x: 0, y: 0, width: 200, height: 200 },
  locked: false,
  across: axis,
  up: { ...axis, first: -2 },
  lines: true,
  size: 10,
  colour: "#16324a",
} as const;

test("a known place that would tell no values stays what it was", () => {
  expect(withValue(field, "across", "last", 0)).toBe(field);
  expect(withPlace(field, "across", { x: 0.05, y: 0.5 })).toBe(field);
  expect(knownOf(withPlace(field, "first", { x: -3, y: 0.4 }))[0]).toMatchObject({ x: 0, y: 0.4 });
});

test("a grid begins both its axes at one corner", () => {
  const asked = asGrid({ ...field, asked: "intervals" }, true);
  expect(asked.asked).toBe("points");
  const moved = withPlace(asked, "first", { x: 0.2, y: 0.8 });
  expect([moved.across.first, moved.up?.first]).toEqual([
    { x: 0.2, y: 0.8, value: 0 },
    { x: 0.2, y: 0.8, value: 0 },
  ]);
  expect(knownOf(moved)).toHaveLength(3);
  expect(asGrid({ ...moved, asked: "line" }, false)).toMatchObject({ up: null, asked: "points" });
});

test("over a laid grid its values are the grid's", () => {
  const over = plot.over?.(field, [grid]);
  expect(over).toMatchObject({ box: grid.box, across: { step: 2 }, up: { first: { value: -2 } } });
  expect(over?.across.first.y).toBe(over?.up?.first.y);
  expect(plot.over?.(field, [])).toBe(field);
  expect(onGrid(field, { ...grid, up: null }).up).toBeNull();
});
