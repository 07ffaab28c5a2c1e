import { expect, test } from "vitest";
import { History } from "./history";

const step = (n: number, joins?: string) => ({
  label: `step ${n}`,
  done: [n],
  undone: [-n],
  ...(joins ? { joins } : {}),
});

test("undo goes back step by step, and redo forward again", () => {
  const history = new History<number>();
  history.add(step(1), 0);
  history.add(step(2), 0);
  expect(history.undo()?.undone).toEqual([-2]);
  expect(history.undo()?.undone).toEqual([-1]);
  expect(history.undo()).toBeUndefined();
  expect(history.redo()?.done).toEqual([1]);
  expect(history.canRedo).toBe(true);
});

test("a new step forgets what was undone", () => {
  const history = new History<number>();
  history.add(step(1), 0);
  history.undo();
  history.add(step(2), 0);
  expect(history.canRedo).toBe(false);
});

test("joined steps are undone together, newest first", () => {
  const history = new History<number>();
  history.add(step(1, "key of box 3"), 0);
  history.add(step(2, "key of box 3"), 0);
  history.add(step(3, "key of box 4"), 0);
  expect(history.undo()?.undone).toEqual([-3]);
  expect(history.undo()?.undone).toEqual([-2, -1]);
  expect(history.canUndo).toBe(false);
});

test("pushes at a box are one step only when they follow each other closely", () => {
  const history = new History<number>();
  [0, 1_500, 3_400, 5_600].forEach((at, i) => history.add(step(i, "nudge"), at));
  expect(history.undo()?.done).toEqual([3]);
  expect(history.undo()?.done).toEqual([0, 1, 2]);
});

test("the letters of a word are one step however slowly they are typed, and the next word is another", () => {
  const history = new History<number>();
  [0, 0, 0, 1].forEach((word, i) => history.add({ ...step(i, "text"), word }, i * 5_000));
  expect(history.undo()?.done).toEqual([3]);
  expect(history.undo()?.done).toEqual([0, 1, 2]);
});

test("what is done after undoing is a step of its own", () => {
  const history = new History<number>();
  history.add(step(1, "nudge"), 0);
  history.add(step(2, "other"), 100);
  history.undo();
  history.add(step(3, "nudge"), 200);
  expect(history.undo()?.done).toEqual([3]);
});
