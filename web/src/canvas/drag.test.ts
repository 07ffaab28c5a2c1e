import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { drag, dragOrScroll } from "./drag";
import { Viewport } from "./viewport";

/** What a gesture was told. */
let told: string[] = [];
const gesture = {
  move: ({ x, y }: { x: number; y: number }, by: { x: number; y: number }) =>
    void told.push(`at ${x},${y} by ${by.x},${by.y}`),
  end: (dragged: boolean) => void told.push(dragged ? "dragged" : "pressed"),
  cancel: () => void told.push("taken back"),
};

/** A page that lies at 100, 50 of the window, twice as large as its points; and nothing that scrolls. */
class Page extends EventTarget {
  readonly parentElement = null;
  captured: number | undefined;
  top = 50;
  getBoundingClientRect = () => ({ left: 100, top: this.top });
  setPointerCapture = (id: number) => void (this.captured = id);
  hasPointerCapture = (id: number) => this.captured === id;
  releasePointerCapture = () => void (this.captured = undefined);
}

let page: Page;
let view: Viewport;
let around: EventTarget;
let frames: (() => void)[] = [];

function nextFrame() {
  const due = frames;
  frames = [];
  for (const step of due) step();
}

beforeEach(() => {
  told = [];
  frames = [];
  page = new Page();
  view = new Viewport(() => page as unknown as Element, { width: 600, height: 800 }, 2);
  around = new EventTarget();
  vi.stubGlobal("window", around);
  vi.stubGlobal("requestAnimationFrame", (step: () => void) => frames.push(step));
  vi.stubGlobal("cancelAnimationFrame", (frame: number) => frames.splice(frame - 1, 1));
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const pointer = (name: string, clientX: number, clientY: number, more: object = {}) =>
  Object.assign(new Event(name, { cancelable: true }), {
    clientX,
    clientY,
    pointerId: 1,
    pointerType: "mouse",
    ...more,
  });

function press(clientX: number, clientY: number, pointerType = "mouse") {
  const event = pointer("pointerdown", clientX, clientY, { pointerType });
  return Object.defineProperty(event, "currentTarget", { value: page }) as unknown as PointerEvent;
}

const move = (x: number, y: number, more?: object) => page.dispatchEvent(pointer("pointermove", x, y, more));
const release = (x: number, y: number) => page.dispatchEvent(pointer("pointerup", x, y));

test("it is told where the pointer is on the page, once a frame, and where it was let go", () => {
  drag(press(200, 150), view, gesture);
  move(210, 150);
  move(220, 170);
  nextFrame();
  release(240, 190);
  expect(told).toEqual(["at 60,60 by 10,10", "at 70,70 by 20,20", "dragged"]);
  expect(page.captured).toBeUndefined();
  move(300, 300);
  nextFrame();
  expect(told).toHaveLength(3);
});

test("a hand that trembles presses, and drags nothing", () => {
  drag(press(200, 150), view, gesture);
  move(201, 151);
  nextFrame();
  release(201, 151);
  expect(told).toEqual(["pressed"]);
});

test("another finger is not followed", () => {
  drag(press(200, 150), view, gesture);
  move(400, 400, { pointerId: 2 });
  nextFrame();
  release(200, 150);
  expect(told).toEqual(["pressed"]);
});

test("what is scrolled meanwhile goes along", () => {
  drag(press(200, 150), view, gesture);
  move(220, 150);
  nextFrame();
  page.top -= 100;
  around.dispatchEvent(new Event("scroll"));
  nextFrame();
  expect(told).toEqual(["at 60,50 by 10,0", "at 60,100 by 10,50"]);
});

test.each([
  ["Escape", {}],
  ["z", { ctrlKey: true }],
  ["z", { metaKey: true }],
])("%s takes it back, and the page hears nothing of the key", (key, held) => {
  drag(press(200, 150), view, gesture);
  move(220, 150);
  nextFrame();
  const event = Object.assign(new Event("keydown", { cancelable: true }), { key, ...held });
  around.dispatchEvent(event);
  release(220, 150);
  expect(told).toEqual(["at 60,50 by 10,0", "taken back"]);
  expect(event.defaultPrevented).toBe(true);
});

test.each(["pointercancel", "lostpointercapture"])("a pointer that is lost takes it back (%s)", (name) => {
  drag(press(200, 150), view, gesture);
  page.dispatchEvent(pointer(name, 0, 0));
  expect(told).toEqual(["taken back"]);
});

test("other keys do nothing", () => {
  drag(press(200, 150), view, gesture);
  around.dispatchEvent(Object.assign(new Event("keydown"), { key: "z" }));
  release(230, 150);
  expect(told.at(-1)).toBe("dragged");
});

test("a finger that moves at once scrolls, and lays nothing", () => {
  dragOrScroll(press(200, 150, "touch"), view, gesture);
  move(200, 190);
  vi.advanceTimersByTime(1000);
  expect(told).toEqual(["taken back"]);
});

test("a finger that rests drags", () => {
  dragOrScroll(press(200, 150, "touch"), view, gesture);
  vi.advanceTimersByTime(300);
  move(240, 150);
  nextFrame();
  release(240, 150);
  expect(told).toEqual(["at 70,50 by 20,0", "at 70,50 by 20,0", "dragged"]);
});

test("a finger that is lifted has pressed", () => {
  dragOrScroll(press(200, 150, "touch"), view, gesture);
  release(200, 150);
  vi.advanceTimersByTime(1000);
  expect(told).toEqual(["pressed"]);
});

test("near the edge of what scrolls it goes on, but not from a place that takes it and is wholly seen", () => {
  const box = (top: number, bottom: number) => ({
    getBoundingClientRect: () => ({ left: 0, top, right: 400, bottom }),
  });
  let place: ReturnType<typeof box> | undefined;
  const scroller = {
    ...box(0, 300),
    clientWidth: 400,
    clientHeight: 300,
    scrollLeft: 0,
    scrollTop: 0,
    scrollBy: ({ top }: { top: number }) => void (scroller.scrollTop += top),
  };
  drag(
    press(200, 150),
    view,
    { ...gesture, takes: () => place as unknown as Element },
    page as unknown as HTMLElement,
    scroller as unknown as HTMLElement,
  );
  move(200, 200);
  nextFrame(); // away from every edge
  place = box(260, 300);
  move(200, 290);
  nextFrame();
  nextFrame();
  expect(scroller.scrollTop).toBe(0);
  place = box(260, 320);
  move(200, 291);
  nextFrame();
  expect(scroller.scrollTop).toBeGreaterThan(0);
  place = undefined;
  const before = scroller.scrollTop;
  nextFrame();
  expect(scroller.scrollTop).toBeGreaterThan(before);
});
