import { expect, test } from "vitest";
import { textPoints } from "./text_size";

const style = {
  border: "thin",
  fill: "film",
  see_through: true,
  size: null,
  colour: null,
  align: "start",
} as const;
const box = { width: 110, height: 20 };
const half = (text: string) => text.length / 2;
const points = (text: string, more: object = {}) =>
  textPoints({ text, box, lines: "one", style, ...more }, half);

test("text is as high as the box has room for, and no larger than writing is", () => {
  expect(points("ebb")).toBeCloseTo(12.4);
  expect(points("ebb", { box: { width: 400, height: 300 } })).toBe(40);
});

test("text that is too long becomes smaller, down to what is still read", () => {
  expect(points("a".repeat(20))).toBe(10);
  expect(points("a".repeat(400))).toBe(6);
});

test("on several lines it is a hand's size as long as that has room", () => {
  const several = { lines: "several", box: { width: 110, height: 60 } };
  expect(points("ebb and flow", several)).toBe(12);
  expect(points("a".repeat(90), several)).toBeLessThan(12);
  expect(points("a\nb\nc\nd\ne", several)).toBeCloseTo(8.5);
});

test("a size that was chosen stands", () => {
  expect(points("a".repeat(90), { style: { ...style, size: 18 } })).toBe(18);
});
