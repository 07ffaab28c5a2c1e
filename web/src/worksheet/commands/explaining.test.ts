import { expect, test } from "vitest";
import { isOn, withSkill } from "./explaining";

const SITES = ["gullhaven.example", " .Museum.example "];

test.each([
  ["https://gullhaven.example/", true],
  ["https://tides.gullhaven.example./now", true],
  ["http://museum.example", true],
  ["https://notgullhaven.example/", false],
  ["https://gullhaven.example.elsewhere.example/", false],
  ["https://gullhaven.example@elsewhere.example/", false],
  ["javascript:alert('gullhaven.example')", false],
  ["ftp://gullhaven.example/", false],
  ["gullhaven.example", false],
  ["", false],
])("%s is led to: %s", (address, leads) => {
  expect(isOn(address, SITES)).toBe(leads);
  expect(isOn(address, [])).toBe(false);
});

test("a skill has a name, and is in the list once", () => {
  const [tides] = withSkill([], " Tides ") ?? [];
  expect(tides?.name).toBe("Tides");
  expect(withSkill([], "  ")).toBeUndefined();
  expect(withSkill(tides ? [tides] : [], "tides")).toBeUndefined();
});
