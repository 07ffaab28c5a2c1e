// One gesture with mouse, pen or finger, from press to release, at most one step a frame.
//
// It is told in points of the page, so it knows of scrolling; near an edge of what scrolls, that goes on by itself. Escape and
// undo take it back, and so does a pointer that is lost, or a second finger. A finger that moves at once scrolls the page, where
// the page may be scrolled; one that rests first, or presses something in hand, drags.

import type { Point } from "./box";
import type { Viewport } from "./viewport";

export interface Gesture {
  /**
   * The pointer is at a point of the page; `by` is how far that is from where it was pressed, and `free` whether a key is held
   * that keeps what is dragged from being brought in line. At most once a frame.
   */
  move(at: Point, by: Point, free: boolean): void;
  /** The gesture ended: `dragged` is false for a press that hardly moved. */
  end(dragged: boolean): void;
  /** The gesture was taken back. */
  cancel(): void;
  /**
   * What takes what is dragged, at a point of the window. Where the whole of it is seen, nothing scrolls it away from beneath
   * the pointer.
   */
  takes?(at: Point): Element | undefined;
}

/** CSS pixels that a press may tremble before it is a drag. */
const TREMBLE = { mouse: 3, pen: 6, touch: 8 } as const;

/** CSS pixels from the edge of what scrolls within which it goes on by itself, and the most that it goes in a frame. */
const EDGE = 36;
const FASTEST = 18;

/** Milliseconds that a finger rests before it drags and no longer scrolls. */
const REST = 300;

/** Follow the pointer that is pressed now, until it is released. */
export function drag(
  press: PointerEvent,
  view: Viewport,
  gesture: Gesture,
  target = press.currentTarget as HTMLElement, // an event forgets it once it has been told
  scroller = scrollerOf(target),
): void {
  const tremble = TREMBLE[press.pointerType as keyof typeof TREMBLE] ?? TREMBLE.mouse;
  const from = view.toPage({ x: press.clientX, y: press.clientY });

  let last: PointerEvent = press;
  let frame = 0;
  let dragged = false;
  /** Whether the pointer has been away from the edges: what is pressed near one is not meant to scroll at once. */
  let away = false;

  const step = () => {
    frame = 0;
    dragged ||= Math.hypot(last.clientX - press.clientX, last.clientY - press.clientY) >= tremble;
    if (!dragged) return;
    if (scroller) {
      const { x, y, within } = isSeen(scroller, gesture.takes?.({ x: last.clientX, y: last.clientY }))
        ? NO_PULL
        : pullOf(scroller, last);
      away ||= !x && !y;
      if ((away || !within) && goesOn(scroller, x, y)) frame = requestAnimationFrame(step);
    }
    const at = view.toPage({ x: last.clientX, y: last.clientY });
    gesture.move(at, { x: at.x - from.x, y: at.y - from.y }, last.altKey);
  };
  const soon = () => void (frame ||= requestAnimationFrame(step));

  const ours = (what: (event: PointerEvent) => void) => (event: PointerEvent) => {
    if (event.pointerId === press.pointerId) what(event);
  };
  const onMove = ours((event) => {
    last = event;
    soon();
  });
  const onUp = ours((event) => {
    last = event;
    stop();
    step();
    cancelAnimationFrame(frame);
    gesture.end(dragged);
  });
  const giveUp = () => {
    stop();
    gesture.cancel();
  };
  const onLost = ours(giveUp);
  const onKey = (event: KeyboardEvent) => {
    const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z";
    if (event.key !== "Escape" && !undo) return;
    event.preventDefault();
    event.stopPropagation();
    giveUp();
  };
  const onScroll = () => soon();
  const onTouch = (event: TouchEvent) => event.touches.length > 1 && giveUp();

  const listening: [EventTarget, string, (event: never) => void, boolean?][] = [
    [target, "pointermove", onMove],
    [target, "pointerup", onUp],
    [target, "pointercancel", onLost],
    [target, "lostpointercapture", onLost],
    [window, "keydown", onKey, true],
    [window, "blur", giveUp],
    [window, "scroll", onScroll, true],
    [window, "touchstart", onTouch, true],
  ];
  const stop = () => {
    cancelAnimationFrame(frame);
    frame = 0;
    for (const [on, name, what, capture] of listening)
      on.removeEventListener(name, what as EventListener, capture);
    if (target.hasPointerCapture(press.pointerId)) target.releasePointerCapture(press.pointerId);
  };

  target.setPointerCapture(press.pointerId);
  for (const [on, name, what, capture] of listening)
    on.addEventListener(name, what as EventListener, capture);
}

/**
 * Drag from a press on what may also be scrolled with a finger: a mouse or a pen drags at once, a finger when it has rested.
 * One that moves before scrolls; one that is lifted before is `tapped`.
 */
export function dragOrScroll(press: PointerEvent, view: Viewport, gesture: Gesture): void {
  if (press.pointerType !== "touch") return drag(press, view, gesture);
  const target = press.currentTarget as HTMLElement;
  const stop = () => {
    clearTimeout(resting);
    target.removeEventListener("pointerup", onUp);
    target.removeEventListener("pointercancel", onCancel);
    target.removeEventListener("pointermove", onMove);
    window.removeEventListener("touchstart", onTouch, true);
  };
  const onTouch = (event: TouchEvent) => event.touches.length > 1 && onCancel();
  const onMove = ({ clientX, clientY }: PointerEvent) => {
    if (Math.hypot(clientX - press.clientX, clientY - press.clientY) >= TREMBLE.touch) onCancel();
  };
  const onUp = () => {
    stop();
    gesture.end(false);
  };
  const onCancel = () => {
    stop();
    gesture.cancel();
  };
  const resting = setTimeout(() => {
    stop();
    keepFromScrolling(target);
    drag(press, view, gesture, target);
  }, REST);
  target.addEventListener("pointerup", onUp);
  target.addEventListener("pointercancel", onCancel);
  target.addEventListener("pointermove", onMove);
  window.addEventListener("touchstart", onTouch, true);
}

/** From now on, and as long as it is down, the finger that rests on an element scrolls nothing. */
function keepFromScrolling(target: HTMLElement): void {
  const hold = (event: Event) => event.cancelable && event.preventDefault();
  target.addEventListener("touchmove", hold, { passive: false });
  const release = () => target.removeEventListener("touchmove", hold);
  target.addEventListener("touchend", release, { once: true });
  target.addEventListener("touchcancel", release, { once: true });
}

/** An element on which a finger may rest and then drag: the browser has to wait for it before it scrolls. */
export function mayHold(element: HTMLElement): () => void {
  const wait = () => undefined;
  element.addEventListener("touchmove", wait, { passive: false });
  return () => element.removeEventListener("touchmove", wait);
}

/** The element that scrolls what is pressed. */
export function scrollerOf(element: HTMLElement): HTMLElement | null {
  for (let at = element.parentElement; at; at = at.parentElement) {
    const { overflowX, overflowY } = getComputedStyle(at);
    if (/auto|scroll/.test(overflowX + overflowY)) return at;
  }
  return null;
}

const NO_PULL = { x: 0, y: 0, within: true };

/** Whether the whole of a place is seen in what scrolls. */
function isSeen(scroller: Element, place: Element | undefined): boolean {
  if (!place) return false;
  const [seen, whole] = [scroller.getBoundingClientRect(), place.getBoundingClientRect()];
  return (
    whole.left >= seen.left &&
    whole.top >= seen.top &&
    whole.right <= seen.right &&
    whole.bottom <= seen.bottom
  );
}

/** How far a pointer near an edge of what scrolls has it go on, and whether the pointer is within it. */
function pullOf(scroller: HTMLElement, { clientX, clientY }: PointerEvent) {
  const { left, top } = scroller.getBoundingClientRect();
  const [across, down] = [clientX - left, clientY - top];
  const { clientWidth, clientHeight } = scroller;
  const within = across >= 0 && down >= 0 && across <= clientWidth && down <= clientHeight;
  return { x: pull(across, clientWidth), y: pull(down, clientHeight), within };
}

/** Scroll on; whether there was anything to scroll. */
function goesOn(scroller: HTMLElement, x: number, y: number): boolean {
  if (!x && !y) return false;
  const before = [scroller.scrollLeft, scroller.scrollTop];
  scroller.scrollBy({ left: x, top: y, behavior: "instant" });
  return scroller.scrollLeft !== before[0] || scroller.scrollTop !== before[1];
}

/** How far to go on in a frame at a place along a length, both in CSS pixels: the nearer to the edge, the farther. */
export function pull(at: number, length: number): number {
  const before = Math.min(EDGE, EDGE - at);
  const behind = Math.min(EDGE, at - (length - EDGE));
  if (before > 0) return -Math.ceil((before / EDGE) * FASTEST);
  return behind > 0 ? Math.ceil((behind / EDGE) * FASTEST) : 0;
}
