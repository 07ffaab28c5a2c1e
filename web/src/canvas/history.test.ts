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
  history.add(step(1));
  history.add(step(2));
  expect(history.undo()?.undone).toEqual([-2]);
  expect(history.undo()?.undone).toEqual([-1]);
  expect(history.undo()).toBeUndefined();
  expect(history.redo()?.done).toEqual([1]);
  expect(history.canRedo).toBe(true);
});

test("a new step forgets what was undone", () => {
  const history = new History<number>();
  history.add(step(1));
  history.undo();
  history.add(step(2));
  expect(history.canRedo).toBe(false);
});

test("joined steps are undone together, newest first", () => {
  const history = new History<number>();
  history.add(step(1, "key of box 3"));
  history.add(step(2, "key of box 3"));
  history.add(step(3, "key of box 4"));
  expect(history.undo()?.undone).toEqual([-3]);
  expect(history.undo()?.undone).toEqual([-2, -1]);
  expect(history.canUndo).toBe(false);
});
