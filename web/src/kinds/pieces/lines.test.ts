import { expect, test } from "vitest";
import { fromLines, pieceOf, toLines } from "./lines";
import { lettersWide, runs, said } from "./words";

test("a piece a line, and stacks by how many there are", () => {
  const pieces = fromLines("ebb\n\n  flood \ncan ×5\nbottle x ∞\n3 × 4 = 12", []);
  expect(pieces.map(({ words, copies }) => [words, copies])).toEqual([
    ["ebb", 1],
    ["flood", 1],
    ["can", 5],
    ["bottle", null],
    ["3 × 4 = 12", 1],
  ]);
  expect(fromLines(toLines(pieces), pieces)).toEqual(pieces);
});

test("pieces stay what they are while lines are moved, corrected and taken out", () => {
  const [ebb, flood, slack] = ["ebb", "flood", "slack"].map((words) => pieceOf(words));
  const before = [ebb, flood, slack].filter((piece) => piece !== undefined);
  const ids = (lines: string) => fromLines(lines, before).map(({ id }) => id);
  expect(ids("slack\nebb")).toEqual([slack?.id, ebb?.id]);
  expect(ids("ebb\nfloods\nslack")).toEqual([ebb?.id, flood?.id, slack?.id]);
  expect(new Set(ids("ebb\nebb\nebb")).size).toBe(3);
});

test("lowered, raised and fractions", () => {
  expect(runs("H_{2}O").map(({ as, text }) => [as, text])).toEqual([
    ["plain", "H"],
    ["lowered", "2"],
    ["plain", "O"],
  ]);
  expect(runs("{3/4} m^{2}").map(({ as }) => as)).toEqual(["fraction", "plain", "raised"]);
  expect([said("H_{2}O"), said("{3/4}"), said("a_b {c}")]).toEqual(["H2O", "3/4", "a_b {c}"]);
  expect(lettersWide("{3/4}")).toBe(1);
});
