import { expect, test } from "vitest";
import cases from "../generated/numbering_cases.json";
import { numbers, numbersOf } from "./numbering";

test.each(Object.entries(cases))("numbers in the browser are the core's: %s", (_, [own = [], all]) => {
  expect(numbers(own)).toEqual(all);
});

test("numbers by the names of fields", () => {
  const fields = [
    { id: "aaaa", number: "" },
    { id: "bbbb", number: "3a" },
    { id: "cccc", number: "" },
  ];
  expect(numbersOf(fields)).toEqual({ aaaa: "1", bbbb: "3a", cccc: "3b" });
});
