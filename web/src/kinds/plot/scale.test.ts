import { expect, test } from "vitest";
import { acrossBox, ends, isBeyond, nearest, placeOf, rangeOf, stepsOf, valueAt, type Scales } from "./scale";

const LINE: Scales = {
  box: { width: 400, height: 40 },
  across: { first: { x: 0.1, y: 0.5, value: 0 }, last: { x: 0.9, y: 0.5, value: 8 }, step: 0.5 },
};
const GRID: Scales = {
  box: { width: 200, height: 100 },
  across: { first: { x: 0, y: 1, value: -5 }, last: { x: 1, y: 1, value: 5 }, step: 1 },
  up: { first: { x: 0, y: 1, value: 0 }, last: { x: 0, y: 0, value: 10 }, step: 2 },
};

test("values lie evenly through two known places, and beyond them", () => {
  expect(valueAt(LINE, { x: 200, y: 3 })).toEqual({ across: 4, up: null });
  expect(valueAt(LINE, { x: 0, y: 20 }).across).toBeCloseTo(-1);
  expect(placeOf(LINE, { across: 4, up: null })).toEqual({ x: 200, y: 20 });
  expect(rangeOf(LINE)).toEqual({ low: -1, high: 9 });
});

test("what is pressed falls on the nearest step within the box", () => {
  expect(nearest(LINE, { x: 212, y: 0 }).across).toBe(4.5);
  expect(nearest(LINE, { x: -500, y: 0 }).across).toBe(-1);
  expect(nearest(GRID, { x: 119, y: 41 })).toEqual({ across: 1, up: 6 });
});

test("a place and its value are the same, on lines that run any way and on slanted grids", () => {
  const slanted: Scales = {
    box: { width: 300, height: 200 },
    across: { first: { x: 0.1, y: 0.8, value: 0 }, last: { x: 0.8, y: 0.7, value: 10 }, step: 1 },
    up: { first: { x: 0.1, y: 0.8, value: 0 }, last: { x: 0.15, y: 0.1, value: 6 }, step: 1 },
  };
  const backwards: Scales = {
    ...LINE,
    across: { ...LINE.across, first: LINE.across.last, last: LINE.across.first },
  };
  for (const scales of [LINE, GRID, slanted, backwards]) {
    const value = { across: 3, up: scales.up ? 4 : null };
    const found = valueAt(scales, placeOf(scales, value));
    expect(found.across).toBeCloseTo(3);
    if (scales.up) expect(found.up).toBeCloseTo(4);
  }
});

test("axes that run the same way still have places", () => {
  const same: Scales = { ...GRID, up: { ...GRID.across } };
  expect(placeOf(same, { across: 0, up: 3 })).toEqual({ x: 100, y: 100 });
});

test("steps are what was meant, and not drawn where there are hundreds", () => {
  const tenths = { ...LINE, across: { ...LINE.across, step: 0.1 } };
  expect(stepsOf(tenths)).toContain(0.3);
  expect(stepsOf({ ...LINE, across: { ...LINE.across, step: 0.001 } })).toEqual([]);
});

test("intervals run on to the edges of the box, whichever way the line runs", () => {
  expect(ends(LINE)).toEqual({ low: { x: 0, y: 20 }, high: { x: 400, y: 20 } });
  const upright: Scales = {
    ...LINE,
    across: { ...LINE.across, first: { x: 0.5, y: 0.9, value: 0 }, last: { x: 0.5, y: 0.1, value: 8 } },
  };
  expect(ends(upright)).toEqual({ low: { x: 200, y: 40 }, high: { x: 200, y: 0 } });
});

test("a line is drawn through the whole box", () => {
  const box = { width: 100, height: 100 };
  expect(acrossBox(box, { x: 20, y: 20 }, { x: 40, y: 40 })).toEqual([
    { x: 0, y: 0 },
    { x: 100, y: 100 },
  ]);
  expect(acrossBox(box, { x: 30, y: 5 }, { x: 30, y: 9 })).toEqual([
    { x: 30, y: 0 },
    { x: 30, y: 100 },
  ]);
  expect(acrossBox(box, { x: 30, y: 5 }, { x: 30, y: 5 })).toBeUndefined();
});

test("an interval runs on beyond the last step, whether the box ends there or farther out", () => {
  const tight: Scales = {
    ...LINE,
    across: { ...LINE.across, first: { x: 0, y: 0.5, value: 0 }, last: { x: 1, y: 0.5, value: 8 } },
  };
  expect(isBeyond(tight, { x: 400, y: 20 }, "high", [8, 24])).toBe(false);
  expect(isBeyond(tight, { x: 415, y: 20 }, "high", [8, 24])).toBe(true);
  expect(isBeyond(tight, { x: -15, y: 90 }, "low", [8, 24])).toBe(true);
  const coarse: Scales = { ...tight, across: { ...tight.across, step: 4 } };
  expect(isBeyond(coarse, { x: 420, y: 20 }, "high", [8, 24])).toBe(false);
  expect(isBeyond(coarse, { x: 430, y: 20 }, "high", [8, 24])).toBe(true);
});
