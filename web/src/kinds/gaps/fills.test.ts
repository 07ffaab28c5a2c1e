import { expect, test } from "vitest";
import { asList, bankLeft, offered } from "./fills";

const field = {
  gaps: [
    { id: "gap1", fill: "bank" as const, options: [] },
    { id: "gap2", fill: "list" as const, options: ["twice", "hourly", "once"] },
    { id: "gap3", fill: "typed" as const, options: [] },
  ],
  bank: ["sea", "moon", "sea"],
};

test("words stand in an order that tells nothing, each once", () => {
  expect(offered(field, "gap1")).toEqual(["moon", "sea"]);
  expect(offered(field, "gap2")).toEqual(["hourly", "once", "twice"]);
  expect(offered(field, "gap3")).toEqual([]);
});

test("what is in a gap is gone from the bank, once for each", () => {
  const texts = new Map([
    ["gap1", "sea"],
    ["gap3", "moon"],
  ]);
  expect(bankLeft(field, texts)).toEqual([
    ["moon", 1],
    ["sea", 1],
  ]);
});

test("a list is typed one a line", () => {
  expect(asList(" sea \n\nmoon\nsand", 2)).toEqual(["sea", "moon"]);
});
