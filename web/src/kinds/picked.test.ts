import { expect, test } from "vitest";
import { inWords, pressed } from "./picked";

test("of one only the last that was pressed is picked", () => {
  expect(pressed([0], 2, false)).toEqual([2]);
  expect(pressed([2], 2, false)).toEqual([]);
});

test("of several each is picked or let go", () => {
  expect(pressed([0, 3], 1, true)).toEqual([0, 1, 3]);
  expect(pressed([0, 1, 3], 1, true)).toEqual([0, 3]);
});

test("what is picked is said in words, and in letters where there are none", () => {
  expect(inWords([0, 1, 25], ["", "gale"])).toBe("A, gale, Z");
});
