import { expect, test } from "vitest";
import cases from "../generated/numbering_cases.json";
import working from "../generated/working_cases.json";
import type { Field } from "../api/teacher";
import { KINDS } from "../kinds/teacher";
import { numbers, numbersOf, questionsOf } from "./numbering";

await KINDS.load(["answer_box"]);

test.each(Object.entries(cases))("numbers in the browser are the core's: %s", (_, [own = [], all]) => {
  expect(numbers(own)).toEqual(all);
});

const box = (id: string, number: string): Field => ({
  ...KINDS.get("answer_box").draw(id, "page1", { x: 0, y: 0, width: 90, height: 20 }),
  number,
});

test.each(Object.entries(working))("working-out is numbered as in the core: %s", (_, [fields, all]) => {
  const boxes = (fields as [string, string, string | null][]).map(([id, number, working_for]) => ({
    ...box(id, number),
    working_for,
  }));
  expect(questionsOf(boxes).map(({ number }) => number)).toEqual(all);
});

test("numbers by the names of fields, and of their parts", () => {
  const fields = [box("aaaa", ""), box("bbbb", "3a"), box("cccc", "")];
  expect(numbersOf(fields)).toEqual({ aaaa: "1", bbbb: "3a", cccc: "3b" });
  expect(questionsOf(fields).map(({ name, part, number }) => [name, part.id, number])).toEqual([
    ["aaaa", "", "1"],
    ["bbbb", "", "3a"],
    ["cccc", "", "3b"],
  ]);
});
