import { expect, test } from "vitest";
import { fitting, stepped, within } from "./zoom";

test("a page fits by its width, or as a whole", () => {
  const [page, room] = [
    { width: 600, height: 800 },
    { width: 900, height: 600 },
  ];
  expect(fitting("width", page, room)).toBe(1.5);
  expect(fitting("page", page, room)).toBe(0.75);
});

test("zooming goes by steps from wherever it is, from a quarter to four times", () => {
  expect([stepped(1.08, 1), stepped(1.08, -1), stepped(1, 1)]).toEqual([1.25, 1, 1.25]);
  expect([stepped(4, 1), stepped(0.25, -1), stepped(9, -1)]).toEqual([4, 0.25, 4]);
  expect([within(0.01), within(17), within(1.1)]).toEqual([0.25, 4, 1.1]);
});
