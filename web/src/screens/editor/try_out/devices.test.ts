import { expect, test } from "vitest";
import { DEVICES, scaleOf } from "./devices";

test("a device is shown as large as it fits, and never larger than it is", () => {
  const [laptop, , phone] = DEVICES;
  expect(scaleOf(laptop!, 640, 2_000)).toBe(0.5);
  expect(scaleOf(laptop!, 4_000, 380)).toBe(0.5);
  expect(scaleOf(phone!, 4_000, 4_000)).toBe(1);
  expect(scaleOf(phone!, 0, 0)).toBe(0.1);
});
