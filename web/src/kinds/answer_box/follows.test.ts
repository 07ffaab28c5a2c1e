import { expect, test } from "vitest";
import { withIds, withNumbers } from "./follows";

const earlier = [
  { id: "aaaa", number: "3a" },
  { id: "bbbb", number: "A 4" },
];

test("numbers of earlier questions stand for their ids, both ways", () => {
  expect(withIds("2 × {3A} + { a 4 }", earlier)).toEqual({ rule: "2 × {aaaa} + {bbbb}", unknown: [] });
  expect(withNumbers("2 × {aaaa} + {bbbb}", earlier)).toBe("2 × {3a} + {A 4}");
});

test("what is no earlier question is told, and shown as a question mark", () => {
  expect(withIds("2 × {9}", earlier)).toEqual({ rule: "2 × {?}", unknown: ["9"] });
  expect(withNumbers("{gone} - 1", earlier)).toBe("{?} - 1");
});
