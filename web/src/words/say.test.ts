import { expect, test } from "vitest";
import { list, number, plural } from "./say";

test("a number of things has the form of the number", () => {
  const crabs = (count: number) => plural(count, ["# crab", "# crabs"]);
  expect([0, 1, 2, 1200].map(crabs)).toEqual(["0 crabs", "1 crab", "2 crabs", `${number(1200)} crabs`]);
});

test("the catalogue of a language may know more forms", () => {
  const forms = ["one", "few #", "many #"];
  const rule = (n: number) => (n === 1 ? 0 : n < 5 ? 1 : 2);
  expect([1, 3, 9].map((count) => plural(count, forms, rule))).toEqual(["one", "few 3", "many 9"]);
});

test("several things are said as a list", () => {
  expect(list(["crab"])).toBe("crab");
  expect(list(["crab", "limpet", "goby"])).toMatch(/^crab, limpet,? and goby$/);
});
