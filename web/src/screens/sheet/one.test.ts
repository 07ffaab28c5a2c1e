import fc from "fast-check";
import { expect, test } from "vitest";
import { cropOf, scaleOf } from "./one";

const PAGE = { width: 595, height: 842 };
const VIEW = { width: 390, height: 300 };

test("a question is shown with some paper around it, and nothing beyond the page", () => {
  expect(cropOf([{ x: 100, y: 200, width: 150, height: 30 }], PAGE)).toEqual({
    x: 86,
    y: 164,
    width: 178,
    height: 102,
  });
  expect(cropOf([{ x: 0, y: 0, width: 595, height: 842 }], PAGE)).toEqual({ x: 0, y: 0, ...PAGE });
});

test("it fits the view, unless it could not be made out then", () => {
  expect(scaleOf({ x: 0, y: 0, width: 260, height: 100 }, VIEW)).toBeCloseTo(1.5);
  expect(scaleOf({ x: 0, y: 0, width: 595, height: 842 }, VIEW)).toBe(0.62);
  expect(scaleOf({ x: 0, y: 0, width: 10, height: 10 }, VIEW)).toBe(2.2);
});

test("every part of a question lies within what is shown of it", () => {
  const box = fc.record({
    x: fc.double({ min: 0, max: 500, noNaN: true }),
    y: fc.double({ min: 0, max: 800, noNaN: true }),
    width: fc.double({ min: 1, max: 90, noNaN: true }),
    height: fc.double({ min: 1, max: 40, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(box, { minLength: 1 }), (boxes) => {
      const crop = cropOf(boxes, PAGE);
      for (const each of boxes) {
        expect(crop.x).toBeLessThanOrEqual(each.x);
        expect(crop.y + crop.height).toBeGreaterThanOrEqual(each.y + each.height - 1e-9);
      }
    }),
  );
});
