import { expect, test } from "vitest";
import { clock, form, level } from "./sound";

test("time is said in minutes and seconds", () => {
  expect([clock(0), clock(9.9), clock(75), clock(600)]).toEqual(["0:00", "0:09", "1:15", "10:00"]);
});

test("a browser records in the best form that it knows", () => {
  expect(form(() => true)).toBe("audio/webm;codecs=opus");
  expect(form((type) => type === "audio/mp4")).toBe("audio/mp4");
  expect(form(() => false)).toBeUndefined();
});

test("silence is low, and noise is loud", () => {
  expect(level(new Uint8Array(64).fill(128))).toBe(0);
  expect(level(Uint8Array.from({ length: 64 }, (_, i) => (i % 2 ? 255 : 0)))).toBe(1);
  expect(level(new Uint8Array())).toBe(0);
});
