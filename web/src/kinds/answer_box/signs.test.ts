import { expect, test } from "vitest";
import { shifted } from "./signs";

test("digits and signs are raised and lowered", () => {
  expect(shifted("2", "lowered")).toBe("₂");
  expect(shifted("10", "raised")).toBe("¹⁰");
  expect(shifted("2-", "raised")).toBe("²⁻");
});

test("a letter ends it, and without it nothing is changed", () => {
  expect(shifted("O", "lowered")).toBeNull();
  expect(shifted("2O", "raised")).toBeNull();
  expect(shifted("2", null)).toBeNull();
});
