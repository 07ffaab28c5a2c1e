import { expect, test } from "vitest";
import { scaleOf, type DeviceSize } from "./devices";

const LAPTOP: DeviceSize = { name: "laptop", label: "Laptop", width: 1280, height: 760 };

test("a device is shown as large as it fits, and never larger than it is", () => {
  expect(scaleOf(LAPTOP, 640, 2_000)).toBe(0.5);
  expect(scaleOf(LAPTOP, 4_000, 380)).toBe(0.5);
  expect(scaleOf(LAPTOP, 4_000, 4_000)).toBe(1);
  expect(scaleOf(LAPTOP, 0, 0)).toBe(0.1);
});
