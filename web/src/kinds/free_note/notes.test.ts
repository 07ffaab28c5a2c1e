import { expect, test } from "vitest";
import { freePlace, laidAt, NOTHING, together } from "./notes";

const PAGE = { x: 0, y: 0, width: 595, height: 842 };

test("a note stays where it can be reached", () => {
  expect(laidAt(NOTHING, { x: 9_000, y: -40 }, PAGE)).toMatchObject({ x: 455, y: 0 });
  expect(laidAt(NOTHING, { x: -1, y: 5_000 }, PAGE)).toMatchObject({ x: 0, y: 818 });
});

test("with the keyboard each lies below the one before, and at the top again where the page ends", () => {
  const first = freePlace([], PAGE);
  const second = freePlace([{ id: "note0001", note: { ...NOTHING, ...first } }], PAGE);
  expect(second.y).toBeGreaterThan(first.y);
  expect(freePlace([{ id: "note0001", note: { ...NOTHING, y: 815 } }], PAGE).y).toBe(8);
});

test("notes without words are gone", () => {
  const entries = new Map([
    ["note0001", { ...NOTHING, text: "tin" }],
    ["note0002", NOTHING],
  ]);
  expect(together(entries).notes.map(({ id }) => id)).toEqual(["note0001"]);
});
