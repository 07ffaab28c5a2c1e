import fc from "fast-check";
import { expect, test } from "vitest";
import type { FieldOf, KeyOf } from "../teacher";
import { plain } from "../plain";
import { gapToggled, isWhole, problemOf, sourceOf, typed } from "./source";

type Field = FieldOf<"gaps">;
type Key = KeyOf<"gaps"> | null;

const EMPTY: Field = {
  kind: "gaps",
  ...plain("abcd1234", "page1", { x: 0, y: 0, width: 300, height: 80 }),
  passage: [],
  gaps: [],
  bank: [],
  settled: {},
};
const typedFirst = (source: string) => typed(EMPTY, undefined, source);
const inWords = ([field, key]: readonly [Field, Key]) => ({
  runs: field.passage.map(({ text, gap }) => (gap ? field.gaps.findIndex(({ id }) => id === gap) : text)),
  right: key?.right.map(({ text, also }) => [text, ...also]) ?? [],
});

test.each([
  ["The [sea] is cold.", ["The ", 0, " is cold."], [["sea"]]],
  ["[sea | ocean] and [land]", [0, " and ", 1], [["sea", "ocean"], ["land"]]],
  ["A ____ and [ ] and ........", ["A ", 0, " and ", 1, " and ", 2], []],
  ["[sea], and [=1] again", [0, ", and ", 0, " again"], [["sea"]]],
  ["no [=1] before [sea]", ["no =1 before ", 0], [["sea"]]],
  ["not closed [sea", ["not closed [sea"], []],
  ["as it is \\[sic\\], 3\\|4", ["as it is [sic], 3|4"], []],
  ["", [], []],
])("%j is read", (source, runs, right) => {
  expect(inWords(typedFirst(source))).toEqual({ runs, right });
});

test("a passage comes back as it was typed, whatever it holds", () => {
  const piece = fc.constantFrom(
    "a",
    " ",
    "[",
    "]",
    "|",
    "\\",
    "=",
    "1",
    "_",
    "…",
    ".",
    "é",
    "\n",
    "[sea]",
    "[=1]",
    "____",
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 30 }), (pieces) => {
      const [field, key] = typedFirst(pieces.join(""));
      const again = typedFirst(sourceOf(field, key ?? undefined));
      expect(inWords(again)).toEqual(inWords([field, key]));
      const there = field.passage.flatMap(({ gap }) => gap ?? []);
      expect(new Set(there)).toEqual(new Set(field.gaps.map(({ id }) => id)));
    }),
    { numRuns: 500 },
  );
});

test("gaps that are still there stay themselves, with all that was settled of them", () => {
  const [field, key] = typedFirst("[one] then [two] then [three]");
  const [one, two, three] = field.gaps.map(({ id }) => id);
  const settled = { ...field, settled: { [two as string]: { points: 2, number: "", hint: "" } } };
  const ids = (source: string) => typed(settled, key ?? undefined, source)[0].gaps.map(({ id }) => id);
  expect(ids("[zero] [one] then [two] then [three]").slice(1)).toEqual([one, two, three]);
  expect(ids("[one] then [second] then [three]")).toEqual([one, two, three]);
  expect(ids("[one] and [three]")).toEqual([one, three]);
  expect(typed(settled, key ?? undefined, "[one] [three]")[0].settled).toEqual({});
  expect(typed(settled, key ?? undefined, "[one] [two]")[0].settled).toEqual(settled.settled);
});

test("words are made a gap, and a gap words", () => {
  expect(gapToggled("The sea is cold", 5, 5)).toBe("The [sea] is cold");
  expect(gapToggled("The sea is cold", 3, 11)).toBe("The [sea is] cold");
  expect(gapToggled("The [sea] is cold", 6, 6)).toBe("The sea is cold");
  expect(gapToggled("The [sea] is cold", 0, 12)).toBe("The [sea] is cold");
  expect(gapToggled("The  sea", 4, 4)).toBe("The  sea");
});

test("a passage that is too long is told, and not cut", () => {
  expect(problemOf("The [sea].".repeat(100))).toBe("");
  expect(problemOf("a".repeat(20_001))).toContain("20001");
  expect(problemOf("[sea]".repeat(101))).toContain("101");
  expect(problemOf(`[sea]${"[=1]".repeat(401)}`)).not.toBe("");
});

test("a bracket that is open is still being typed", () => {
  expect([isWhole("The [se"), isWhole("The [sea]"), isWhole("the \\[ sign")]).toEqual([false, true, true]);
});
