import { expect, test } from "vitest";
import { pull } from "./drag";
import { byKey, stepOf } from "./keys";
import { Viewport } from "./viewport";

const A4 = { width: 595, height: 842 };
const element = (left: number, top: number) =>
  ({ getBoundingClientRect: () => ({ left, top }) }) as unknown as Element;
const key = (name: string, held: Partial<KeyboardEvent> = {}) =>
  ({ key: name, shiftKey: false, altKey: false, ctrlKey: false, metaKey: false, ...held }) as KeyboardEvent;

test("from the window to the page and back, wherever the page has been scrolled to", () => {
  for (const [left, top] of [
    [0, 0],
    [120, -3000],
  ] as const) {
    const view = new Viewport(() => element(left, top), A4, 1.25);
    expect(view.toPage({ x: left + 125, y: top + 250 })).toEqual({ x: 100, y: 200 });
    const point = { x: 17, y: 423 };
    expect(view.toPage(view.toWindow(point))).toEqual(point);
  }
});

test("what lies beyond the page is brought to its edge", () => {
  const view = new Viewport(() => element(0, 0), A4, 1);
  expect(view.inside({ x: -20, y: 900 })).toEqual({ x: 0, y: 842 });
  expect(view.inside({ x: 20, y: 90 })).toEqual({ x: 20, y: 90 });
});

test("what scrolls goes on near its edges, the faster the nearer, and not in between", () => {
  expect([36, 300, 564].map((at) => pull(at, 600))).toEqual([0, 0, 0]);
  expect(pull(18, 600)).toBe(-9);
  expect(pull(590, 600)).toBe(13);
  expect([pull(-500, 600), pull(2000, 600)]).toEqual([-18, 18]);
});

test("arrow keys move a box by small steps or large ones, and it stays on its page", () => {
  const box = { x: 10, y: 20, width: 100, height: 30 };
  const steps = { small: 1, large: 10 };
  expect(byKey(key("ArrowRight"), box, A4, steps)).toEqual({ ...box, x: 11 });
  expect(byKey(key("ArrowUp", { shiftKey: true }), box, A4, steps)).toEqual({ ...box, y: 10 });
  expect(byKey(key("ArrowLeft", { shiftKey: true, altKey: true }), box, A4, steps)).toEqual({
    ...box,
    width: 90,
  });
  expect(byKey(key("ArrowLeft"), { ...box, x: 0 }, A4, steps)).toEqual({ ...box, x: 0 });
  expect(byKey(key("a"), box, A4, steps)).toBeUndefined();
  expect(stepOf(key("ArrowDown", { ctrlKey: true }), steps)).toBeUndefined();
});
