import { expect, test } from "vitest";
import { inWords, pickedByLetter, pressed } from "./picked";

const options = [
  { id: "zzzz", words: "" },
  { id: "mmmm", words: "gale" },
  { id: "aaaa", words: "" },
];

test("of one only the last that was pressed is picked", () => {
  expect(pressed(["aaaa"], "zzzz", false)).toEqual(["zzzz"]);
  expect(pressed(["zzzz"], "zzzz", false)).toEqual([]);
});

test("of several each is picked or let go", () => {
  expect(pressed(["aaaa", "zzzz"], "mmmm", true)).toEqual(["aaaa", "mmmm", "zzzz"]);
  expect(pressed(["aaaa", "mmmm", "zzzz"], "mmmm", true)).toEqual(["aaaa", "zzzz"]);
});

test("a letter picks the option at its place", () => {
  expect(pickedByLetter([], 1, options, false)).toEqual(["mmmm"]);
  expect(pickedByLetter(["aaaa"], 0, options, true)).toEqual(["aaaa", "zzzz"]);
  expect(pickedByLetter([], 3, options, false)).toBeUndefined();
});

test("what is picked is said in the options' order and words, and in letters where there are none", () => {
  expect(inWords(["aaaa", "mmmm", "zzzz"], options)).toBe("A, gale, C");
  expect(inWords(["gone"], options)).toBe("");
});
