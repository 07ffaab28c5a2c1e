import fc from "fast-check";
import { expect, test } from "vitest";
import {
  isTouched,
  MOST_POINTS,
  NOTHING,
  pathOf,
  pointsOf,
  pressureOf,
  simplified,
  strokesOf,
  withoutPart,
} from "./strokes";

const LINE = {
  ...NOTHING,
  path: pathOf([
    { x: 10, y: 10 },
    { x: 110, y: 10 },
  ]),
};

test("a path is as short as SVG allows, and comes back", () => {
  const points = [
    { x: 102.1, y: 301 },
    { x: 105.1, y: 301.4 },
    { x: 104.9, y: 301.9 },
    { x: 104.9, y: 300.9 },
  ];
  expect(pathOf(points)).toBe("m1021 3010l30 4-2 5 0-10");
  fc.assert(
    fc.property(
      fc.array(
        fc.record({ x: fc.integer({ min: -99, max: 9999 }), y: fc.integer({ min: -99, max: 9999 }) }),
        { minLength: 1 },
      ),
      (all) => {
        const wanted = all.map(({ x, y }) => ({ x: x / 10, y: y / 10, pressure: undefined }));
        expect(pointsOf({ path: pathOf(wanted), pressure: "" })).toEqual(wanted);
        expect(pathOf(wanted)).toMatch(
          /^m-?\d{1,5}(?: |(?=-))-?\d{1,5}(?:l-?\d{1,5}(?:(?: |(?=-))-?\d{1,5})*)?$/,
        );
      },
    ),
  );
});

test("pressure is kept where the device tells it", () => {
  expect(
    pressureOf([
      { x: 0, y: 0, pressure: 0 },
      { x: 1, y: 1, pressure: 0.5 },
      { x: 2, y: 2, pressure: 9 },
    ]),
  ).toBe("059");
  expect(pressureOf([{ x: 0, y: 0 }])).toBe("");
  expect(pointsOf({ path: "m0 0l1 1", pressure: "09" }).map(({ pressure }) => pressure)).toEqual([0, 1]);
});

test("only points that a line needs are kept", () => {
  const straight = Array.from({ length: 50 }, (_, i) => ({ x: i, y: 2 * i }));
  expect(simplified(straight)).toEqual([straight[0], straight[49]]);
  const corner = [...straight, { x: 100, y: 98 }];
  expect(simplified(corner)).toHaveLength(3);
  expect(simplified([{ x: 1, y: 1 }])).toHaveLength(1);
});

test("a stroke longer than is kept goes on in another, without a break", () => {
  const points = Array.from({ length: 2.5 * MOST_POINTS }, (_, i) => ({ x: i, y: i % 2 ? 9 : 0 }));
  const strokes = strokesOf(points, { tool: "pen", colour: "ink", width: 1.5 });
  expect(strokes).toHaveLength(3);
  expect(pointsOf(strokes[0] ?? NOTHING).at(-1)).toEqual(pointsOf(strokes[1] ?? NOTHING)[0]);
  expect(pointsOf(strokes[2] ?? NOTHING).at(-1)).toMatchObject({ x: points.at(-1)?.x });
  expect(strokesOf([{ x: 3, y: 4 }], { tool: "pen", colour: "ink", width: 1.5 })[0]?.path).toBe("m30 40");
});

test("an eraser touches what it is near", () => {
  expect([isTouched(LINE, { x: 60, y: 14 }, 4), isTouched(LINE, { x: 60, y: 20 }, 4)]).toEqual([true, false]);
  const note = { ...NOTHING, tool: "note" as const, path: "m100 100", width: 10, text: "wave" };
  expect([isTouched(note, { x: 15, y: 15 }, 1), isTouched(note, { x: 60, y: 15 }, 1)]).toEqual([true, false]);
  expect(isTouched(NOTHING, { x: 0, y: 0 }, 99)).toBe(false);
});

test("where a part is erased, two are left", () => {
  const left = withoutPart(LINE, { x: 60, y: 10 }, 5) ?? [];
  expect(left).toHaveLength(2);
  expect(pointsOf(left[0] ?? NOTHING).at(-1)?.x).toBeLessThan(55);
  expect(pointsOf(left[1] ?? NOTHING)[0]?.x).toBeGreaterThan(65);
  expect(withoutPart(LINE, { x: 60, y: 40 }, 5)).toBeUndefined();
  expect(withoutPart(LINE, { x: 60, y: 10 }, 500)).toEqual([]);
});
