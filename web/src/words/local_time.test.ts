// Moments as they are typed.

import fc from "fast-check";
import { expect, test } from "vitest";
import { fromLocal, toLocal } from "./local_time";

test("nothing typed is no moment, and half of one neither", () => {
  expect([fromLocal(""), fromLocal("soon"), toLocal(null), toLocal(undefined)]).toEqual([null, null, "", ""]);
});

test("what is typed comes back as it was, but for an hour that summer time leaves out", () => {
  const whole = fc.date({ min: new Date(2000, 0), max: new Date(2100, 0), noInvalidDate: true });
  fc.assert(
    fc.property(whole, (date) => {
      const typed = toLocal(date.toISOString());
      expect(typed).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/);
      expect(toLocal(fromLocal(typed))).toBe(typed);
    }),
  );
});
