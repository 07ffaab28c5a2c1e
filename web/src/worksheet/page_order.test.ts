import { expect, test } from "vitest";
import type { Document } from "../api/teacher";
import { applied } from "./edits";
import { inRanges, moves } from "./page_order";

test.each([
  ["1-3, 7", [1, 2, 3, 7]],
  ["7 1", [1, 7]],
  ["5–4", [4, 5]],
  ["8-99", [8, 9]],
  ["0, 10, -2", [2]],
  ["all of them", []],
  ["", []],
  ["99999999999999999999", []],
])("%s means pages", (text, numbers) => {
  expect([...inRanges(text, 9)].sort()).toEqual(numbers);
});

test.each(["abcd", "badc", "dabc", "dcba", "acbd"])("pages come into the order %s", (order) => {
  const pages = [..."abcd"].map((id) => ({ id })) as Document["pages"];
  const sheet = { title: "", pages, aside: [], fields: [], keys: {} } as unknown as Document;
  const edits = moves([..."abcd"], [...order]);
  expect(applied(sheet, edits).pages.map(({ id }) => id)).toEqual([...order]);
  expect(edits.length).toBeLessThan(4);
});
