import { describe, expect, test } from "vitest";
import { around, between, HANDLES, inRows, moved, resized, SMALLEST } from "./box";

const page = { width: 595, height: 842 };
const box = { x: 100, y: 200, width: 120, height: 22 };

describe("moving", () => {
  test("keeps the size", () => {
    expect(moved(box, { x: 5, y: -7 }, page)).toEqual({ x: 105, y: 193, width: 120, height: 22 });
  });

  test("never leaves the page", () => {
    expect(moved(box, { x: 9999, y: 9999 }, page)).toEqual({ ...box, x: 475, y: 820 });
    expect(moved(box, { x: -9999, y: -9999 }, page)).toEqual({ ...box, x: 0, y: 0 });
  });

  test("keeps a box larger than the page at its corner", () => {
    expect(moved({ ...box, width: 700 }, { x: 50, y: 0 }, page).x).toBe(0);
  });
});

describe("resizing", () => {
  test.each(HANDLES)("by %s moves only the sides it names", (handle) => {
    const after = resized(box, handle, { x: 3, y: 4 }, page);
    expect(after.x).toBe(box.x + (handle.includes("w") ? 3 : 0));
    expect(after.y).toBe(box.y + (handle.includes("n") ? 4 : 0));
    expect(after.x + after.width).toBe(220 + (handle.includes("e") ? 3 : 0));
    expect(after.y + after.height).toBe(222 + (handle.includes("s") ? 4 : 0));
  });

  test.each(HANDLES)("by %s never turns the box inside out or leaves the page", (handle) => {
    for (const by of [-9999, 9999]) {
      const after = resized(box, handle, { x: by, y: by }, page);
      expect(after.width).toBeGreaterThanOrEqual(SMALLEST);
      expect(after.height).toBeGreaterThanOrEqual(SMALLEST);
      expect(after.x).toBeGreaterThanOrEqual(0);
      expect(after.y + after.height).toBeLessThanOrEqual(page.height);
    }
  });
});

test("two corners make the same box in any order", () => {
  const made = { x: 1, y: 2, width: 9, height: 6 };
  expect(between({ x: 1, y: 2 }, { x: 10, y: 8 })).toEqual(made);
  expect(between({ x: 10, y: 2 }, { x: 1, y: 8 })).toEqual(made);
});

test("a box around boxes touches the outermost sides", () => {
  expect(around([box, { x: 0, y: 300, width: 10, height: 10 }])).toEqual({
    x: 0,
    y: 200,
    width: 220,
    height: 110,
  });
});

test("boxes stand row by row, though those of a row are not quite level", () => {
  const at = (x: number, y: number) => ({ x, y, width: 40, height: 20 });
  const [a, b, c, d] = [at(10, 4), at(90, 0), at(10, 52), at(60, 48)];
  expect(inRows([c, b, d, a])).toEqual([a, b, c, d]);
  expect(inRows([])).toEqual([]);
});
