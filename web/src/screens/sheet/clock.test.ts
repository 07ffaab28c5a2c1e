// How a sheet counts down what the server said.

import { expect, test, vi } from "vitest";
import type { Schemas } from "../../api/student";
import { Clock, clockName } from "./clock.svelte";

type Time = Schemas["TimeOut"];
const time = (seconds_left: number | null, more: Partial<Time> = {}): Time => ({
  now: "2026-03-02T08:00:00Z",
  open: true,
  seconds_left,
  limited: true,
  due_at: null,
  ...more,
});

/** A device whose clock goes when it is told to, and that keeps what it is given. */
function device() {
  const kept = new Map<string, unknown>();
  let now = 1_000_000;
  let next: (() => void) | undefined;
  let online = () => {};
  return {
    kept,
    pass(seconds: number) {
      now += seconds * 1000;
      const what = next;
      next = undefined;
      what?.();
    },
    goOnline: () => online(),
    around: {
      now: () => now,
      later: (what: () => void) => {
        next = what;
        return () => (next = undefined);
      },
      onOnline: (told: () => void) => (online = told),
      device: {
        recall: <T>(name: string) => kept.get(name) as T | undefined,
        keep: (name: string, value: unknown) => (kept.set(name, value), true),
        forget: (name: string) => void kept.delete(name),
        kept: () => [],
        watch: () => undefined,
      },
    },
  };
}
const never = () => Promise.resolve(undefined);

test("it counts from what the server said, whatever this device's clock says", () => {
  const { around, pass } = device();
  const clock = new Clock("copy", time(1200), around, never, () => {});
  pass(60);
  expect([clock.left, clock.open, clock.counts]).toEqual([1140, true, true]);
  pass(5000); // the lid was shut
  expect([clock.left, clock.open, clock.isUp]).toEqual([0, false, true]);
});

test("it warns once at each of the last minutes, and of several that have passed only of the last", () => {
  const { around, pass } = device();
  const warn = vi.fn();
  new Clock("copy", time(700), around, never, warn);
  for (const seconds of [90, 10, 1, 400, 1, 190]) pass(seconds);
  expect(warn.mock.calls.flat()).toEqual([600, 300, 60]);
  const late = device();
  const other = vi.fn();
  new Clock("copy", time(700), late.around, never, other);
  late.pass(650);
  expect(other.mock.calls.flat()).toEqual([60]);
});

test("nothing is counted, and nobody is asked, where nothing ends it", () => {
  const { around, pass, kept } = device();
  const ask = vi.fn(never);
  const clock = new Clock("copy", time(null, { limited: false }), around, ask, () => {});
  pass(100_000);
  expect([clock.left, clock.open, clock.counts]).toEqual([null, true, false]);
  expect(ask).not.toHaveBeenCalled();
  clock.forget();
  expect(kept.size).toBe(0);
});

test("a teacher who gives more time is heard of", async () => {
  const { around, pass } = device();
  const clock = new Clock(
    "copy",
    time(30),
    around,
    () => Promise.resolve(time(600)),
    () => {},
  );
  pass(61);
  expect(clock.open).toBe(false);
  await vi.waitFor(() => expect(clock.left).toBe(600));
  expect(clock.open).toBe(true);
});

test("a page that is opened again without a network does not begin the time anew", async () => {
  const { around, pass, goOnline } = device();
  new Clock("copy", time(1200), around, never, () => {});
  pass(700);
  const again = new Clock(
    "copy",
    time(1200),
    around,
    () => Promise.resolve(time(480, { now: "later" })),
    () => {},
  );
  expect(again.left).toBe(500);
  goOnline();
  await vi.waitFor(() => expect(again.left).toBe(480));
});

test("a clock that was set back meanwhile gives nobody more than the server said", () => {
  const { around, kept } = device();
  kept.set(clockName("copy"), { said: time(1).now, at: 2_000_000 });
  expect(new Clock("copy", time(100), around, never, () => {}).left).toBe(100);
});

test("closed by hand, it is closed at once", () => {
  const { around } = device();
  const clock = new Clock("copy", time(600, { open: false }), around, never, () => {});
  expect([clock.open, clock.isUp]).toEqual([false, false]);
});
