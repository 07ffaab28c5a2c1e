import { expect, test } from "vitest";
import { PageSteps } from "./page_steps.svelte";

const step = (name: string, joins?: string) => ({
  label: name,
  done: [name],
  undone: [`not ${name}`],
  ...(joins ? { joins } : {}),
});

test("each page has steps of its own", () => {
  const steps = new PageSteps<string>();
  steps.add("one", step("a"), 0);
  steps.add("two", step("b"), 10);
  expect([steps.canUndo("one"), steps.canUndo("two"), steps.canUndo("three")]).toEqual([true, true, false]);
  expect(steps.undo("one")?.undone).toEqual(["not a"]);
  expect([steps.canUndo("one"), steps.canRedo("one"), steps.canUndo("two")]).toEqual([false, true, true]);
  expect(steps.redo("one")?.done).toEqual(["a"]);
  expect(steps.undo("three")).toBeUndefined();
});

test("what is typed in one go into one answer is one step", () => {
  const steps = new PageSteps<string>();
  steps.add("one", step("t", "box1/"), 0);
  steps.add("one", step("ti", "box1/"), 300);
  steps.add("one", step("x", "box2/"), 600);
  steps.undo("one");
  expect(steps.undo("one")?.undone).toEqual(["not ti", "not t"]);
  expect(steps.canUndo("one")).toBe(false);
});
