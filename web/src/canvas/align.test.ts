import { expect, test } from "vitest";
import { aligned, spread, type Side } from "./align";

const BOXES = [
  { x: 10, y: 20, width: 30, height: 10 },
  { x: 60, y: 5, width: 20, height: 40 },
  { x: 100, y: 50, width: 40, height: 20 },
];

test.each<[Side, number[]]>([
  ["left", [10, 10, 10]],
  ["centre", [60, 65, 55]],
  ["right", [110, 120, 100]],
])("%s sides come in line with each other", (side, xs) => {
  expect(aligned(BOXES, side).map(({ x }) => x)).toEqual(xs);
});

test.each<[Side, number[]]>([
  ["top", [0, 0, 0]],
  ["middle", [95, 80, 90]],
  ["bottom", [190, 160, 180]],
])("%s sides come in line with the page's", (side, ys) => {
  const page = { x: 0, y: 0, width: 300, height: 200 };
  expect(aligned(BOXES, side, page).map(({ y }) => y)).toEqual(ys);
});

test("gaps become equal, and the first and the last stay", () => {
  expect(spread(BOXES, "across").map(({ x }) => x)).toEqual([10, 60, 100]);
  // They reach from 5 to 70 and take 70 points themselves: each overlaps the next by two and a half.
  expect(spread(BOXES, "down").map(({ y }) => y)).toEqual([42.5, 5, 50]);
});
