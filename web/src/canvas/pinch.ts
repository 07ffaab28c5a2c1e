// Zooming by two fingers, by a wheel with Ctrl held (which is how a touchpad tells of two fingers), and moving what is seen
// with two fingers, with the middle button, or with the space bar held.

import type { Attachment } from "svelte/attachments";
import type { Point } from "./box";

interface Zooming {
  /** Make all larger by a factor, while what is at a point of the window stays there. */
  zoom(factor: number, at: Point): void;
  /** Whether any press moves what is seen now. */
  panning(): boolean;
}

/** How much a pixel of a wheel zooms. */
const WHEEL = 0.0022;
/** Pixels of a line and of a page of a wheel that does not tell pixels. */
const UNITS = [1, 33, 400];

export function zoomable({ zoom, panning }: Zooming): Attachment<HTMLElement> {
  return (scroller) => {
    let fingers: { apart: number; middle: Point } | undefined;
    let waiting: { factor: number; at: Point } | undefined;

    /** At most once a frame: all pages are laid out anew. */
    function soon(factor: number, at: Point) {
      if (waiting) {
        waiting = { factor: waiting.factor * factor, at };
        return;
      }
      waiting = { factor, at };
      requestAnimationFrame(() => {
        if (waiting) zoom(waiting.factor, waiting.at);
        waiting = undefined;
      });
    }

    function onWheel(event: WheelEvent) {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      const pixels = event.deltaY * (UNITS[event.deltaMode] ?? 1);
      soon(Math.exp(-Math.max(-200, Math.min(200, pixels)) * WHEEL), { x: event.clientX, y: event.clientY });
    }

    function onTouch(event: TouchEvent) {
      const [one, other] = event.touches;
      if (!one || !other || event.touches.length !== 2) {
        fingers = undefined;
        return;
      }
      event.preventDefault();
      const apart = Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
      const middle = { x: (one.clientX + other.clientX) / 2, y: (one.clientY + other.clientY) / 2 };
      if (fingers && apart > 0) {
        scroller.scrollBy({
          left: fingers.middle.x - middle.x,
          top: fingers.middle.y - middle.y,
          behavior: "instant",
        });
        soon(apart / Math.max(1, fingers.apart), middle);
      }
      fingers = { apart, middle };
    }

    function onPress(press: PointerEvent) {
      if (press.button !== 1 && !(press.button === 0 && panning())) return;
      press.preventDefault();
      press.stopPropagation();
      let last = press;
      const onMove = (event: PointerEvent) => {
        if (event.pointerId !== press.pointerId) return;
        scroller.scrollBy({
          left: last.clientX - event.clientX,
          top: last.clientY - event.clientY,
          behavior: "instant",
        });
        last = event;
      };
      const onEnd = () => {
        scroller.removeEventListener("pointermove", onMove);
        scroller.removeEventListener("lostpointercapture", onEnd);
      };
      scroller.setPointerCapture(press.pointerId);
      scroller.addEventListener("pointermove", onMove);
      scroller.addEventListener("lostpointercapture", onEnd);
    }

    scroller.addEventListener("wheel", onWheel, { passive: false });
    scroller.addEventListener("touchstart", onTouch, { passive: false });
    scroller.addEventListener("touchmove", onTouch, { passive: false });
    scroller.addEventListener("touchend", onTouch);
    scroller.addEventListener("touchcancel", onTouch);
    scroller.addEventListener("pointerdown", onPress, { capture: true });
    return () => {
      waiting = undefined;
      scroller.removeEventListener("wheel", onWheel);
      scroller.removeEventListener("touchstart", onTouch);
      scroller.removeEventListener("touchmove", onTouch);
      scroller.removeEventListener("touchend", onTouch);
      scroller.removeEventListener("touchcancel", onTouch);
      scroller.removeEventListener("pointerdown", onPress, { capture: true });
    };
  };
}
