import { expect, test } from "vitest";
import {
  added,
  freePlace,
  handlesOf,
  movedTo,
  NOTHING,
  stepped,
  toggled,
  without,
  type Asked,
  type Plotted,
} from "./plotted";
import { handleInWords, inWords } from "./words";

const POINTS: Asked = {
  box: { width: 400, height: 40 },
  across: { first: { x: 0, y: 0.5, value: 0 }, last: { x: 1, y: 0.5, value: 10 }, step: 0.5 },
  asked: "points",
  most: 3,
  lettered: false,
};
const INTERVALS: Asked = { ...POINTS, asked: "intervals", most: 2 };
const at = (across: number) => ({ across, up: null });
const set = (asked: Asked, ...values: number[]): Plotted =>
  values.reduce<Plotted>((now, value) => added(asked, now, at(value))?.[0] ?? now, NOTHING);
const interval = (low: number, high: number) => added(INTERVALS, NOTHING, at(low), at(high))?.[0] ?? NOTHING;

test("as many as are asked for are set, and two of a line", () => {
  expect(inWords(set(POINTS, 1, 2.5, 4, 7))).toBe("1; 2.5; 4");
  const line: Asked = { ...POINTS, asked: "line", most: 1, up: POINTS.across };
  const both = [1, 2, 3].reduce<Plotted>(
    (now, value) => added(line, now, { across: value, up: 1 })?.[0] ?? now,
    NOTHING,
  );
  expect(inWords(both, true)).toBe("the line through (1, 1) and (2, 1)");
});

test("letters that are free are given first", () => {
  const lettered = { ...POINTS, lettered: true };
  const two = without(set(lettered, 1, 2), { i: 0 });
  expect(inWords(added(lettered, two, at(9))?.[0] ?? NOTHING)).toBe("B 2; A 9");
});

test("a point goes from step to step and stays in the box", () => {
  const one = set(POINTS, 9.5);
  const [there] = stepped(POINTS, one, { i: 0 }, { across: 1, up: 0 });
  expect(inWords(there)).toBe("10");
  expect(inWords(stepped(POINTS, there, { i: 0 }, { across: 1, up: 0 })[0])).toBe("10");
});

test("an interval is drawn either way, and its ends pass each other", () => {
  expect(inWords(interval(4, 1))).toBe("[1, 4]");
  const open = toggled(interval(1, 4), { i: 0, end: "low" });
  expect(inWords(open)).toBe("(1, 4]");
  const [now, handle] = movedTo(INTERVALS, open, { i: 0, end: "low" }, at(6));
  expect(inWords(now)).toBe("[4, 6)");
  expect(handle).toEqual({ i: 0, end: "high" });
});

test("an end that is moved past the last step runs on, and comes back", () => {
  let [now, handle] = stepped(INTERVALS, interval(4, 10), { i: 0, end: "high" }, { across: 1, up: 0 });
  expect(inWords(now)).toBe("[4, ∞)");
  expect(handleInWords(now, handle)).toBe("runs on");
  [now, handle] = stepped(INTERVALS, now, handle, { across: 1, up: 0 });
  expect(inWords(now)).toBe("[4, ∞)");
  [now] = stepped(INTERVALS, now, handle, { across: -1, up: 0 });
  expect(inWords(now)).toBe("[4, 10]");
});

test("one more has a place of its own with the keyboard", () => {
  const [first] = freePlace(POINTS, NOTHING);
  expect(first.across).toBe(5);
  expect(freePlace(POINTS, set(POINTS, 5))[0].across).not.toBe(5);
  const [from, to] = freePlace(INTERVALS, NOTHING);
  expect([from.across, to.across]).toEqual([5, 6]);
});

test("taken away, the others stay", () => {
  expect(inWords(without(set(POINTS, 1, 2, 3), { i: 1 }))).toBe("1; 3");
  expect(handlesOf(without(interval(1, 2), { i: 0, end: "high" }))).toEqual([]);
});
