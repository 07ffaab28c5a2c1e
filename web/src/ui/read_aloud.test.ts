import { expect, test } from "vitest";
import { breaths } from "./read_aloud.svelte";

test("a text is read sentence by sentence and line by line", () => {
  expect(breaths("Read the log. What burned?\nName ______\n\n 3 November: calm.")).toEqual([
    "Read the log.",
    "What burned?",
    "Name ______",
    "3 November:",
    "calm.",
  ]);
});

test("a long sentence is parted between words, and nothing is left out", () => {
  const long = Array.from({ length: 100 }, (_, i) => `word${i}`).join(" ");
  const parts = breaths(long);
  expect(Math.max(...parts.map(({ length }) => length))).toBeLessThanOrEqual(180);
  expect(parts.join(" ")).toBe(long);
  expect(breaths("x".repeat(400)).join("")).toBe("x".repeat(400));
});

test("nothing is said of nothing", () => {
  expect(breaths(" \n ")).toEqual([]);
});
