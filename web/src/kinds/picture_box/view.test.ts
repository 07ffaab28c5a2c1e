import fc from "fast-check";
import { expect, test } from "vitest";
import {
  inBox,
  kept,
  movedBy,
  NOTHING,
  onPicture,
  scaleOf,
  turnedOn,
  turnedPoint,
  zoomedBy,
  type View,
} from "./view";

const WIDE = { width: 400, height: 200 };
const BOX = { width: 100, height: 100 };

test("at first all of it is seen", () => {
  expect(scaleOf(WIDE, BOX, NOTHING)).toBe(0.25);
  expect(inBox(WIDE, BOX, NOTHING, { x: 0, y: 0 })).toEqual({ x: 0, y: 25 });
  expect(movedBy(WIDE, BOX, NOTHING, { x: 30, y: 30 })).toEqual({ ...NOTHING });
});

test("one that is larger than its box is moved, but not out of it", () => {
  const large = zoomedBy(WIDE, BOX, NOTHING, 2);
  expect(movedBy(WIDE, BOX, large, { x: 25, y: 0 })).toMatchObject({ x: 0.375, y: 0.5 });
  expect(movedBy(WIDE, BOX, large, { x: 999, y: 999 })).toMatchObject({ x: 0.25, y: 0.5 });
  expect(zoomedBy(WIDE, BOX, large, 99).zoom).toBe(8);
  expect(zoomedBy(WIDE, BOX, large, 0.001).zoom).toBe(1);
});

test("four quarters are none, and the point in the middle stays there", () => {
  let view: View = { turn: 0, zoom: 2, x: 0.3, y: 0.6 };
  const middle = onPicture(WIDE, BOX, view, { x: 50, y: 50 });
  for (let i = 0; i < 4; i++) {
    view = turnedOn(view);
    const now = onPicture(WIDE, BOX, view, { x: 50, y: 50 });
    expect(now.x).toBeCloseTo(middle.x);
    expect(now.y).toBeCloseTo(middle.y);
  }
  expect(view).toMatchObject({ turn: 0 });
  expect(turnedPoint({ x: 0, y: 0 }, 90)).toEqual({ x: 1, y: 0 });
});

test("a label stays where it was put, however the picture is turned and moved", () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const views = fc.record({
    turn: fc.constantFrom<View["turn"]>(0, 90, 180, 270),
    zoom: fc.integer({ min: 1, max: 8 }),
    x: share,
    y: share,
  });
  fc.assert(
    fc.property(views, share, share, (view, x, y) => {
      const there = kept(WIDE, BOX, view);
      const back = onPicture(WIDE, BOX, there, inBox(WIDE, BOX, there, { x, y }));
      expect(back.x).toBeCloseTo(x, 6);
      expect(back.y).toBeCloseTo(y, 6);
    }),
  );
});
