// One gesture with mouse, pen or finger, from press to release, at most one step a frame.

import type { Point } from "./box";

export interface Drag {
  /** Where the pointer has gone since the press, in CSS pixels; called at most once a frame. */
  move(by: Point, event: PointerEvent): void;
  /** The gesture ended: `dragged` is false for a press that hardly moved. */
  end(dragged: boolean): void;
  /** The gesture was taken back, by Escape or by the system. */
  cancel(): void;
}

/** Pixels that a press may tremble before it is a drag. */
const TREMBLE = { mouse: 3, pen: 6, touch: 8 } as const;

/** Follow the pointer that is pressed now, until it is released. */
export function follow(press: PointerEvent, drag: Drag): void {
  const target = press.currentTarget as HTMLElement;
  const tremble = TREMBLE[press.pointerType as keyof typeof TREMBLE] ?? TREMBLE.mouse;
  let last: PointerEvent | undefined;
  let frame = 0;
  let dragged = false;

  const step = () => {
    frame = 0;
    if (!last) return;
    const by = { x: last.clientX - press.clientX, y: last.clientY - press.clientY };
    dragged ||= Math.hypot(by.x, by.y) >= tremble;
    if (dragged) drag.move(by, last);
  };
  const onMove = (event: PointerEvent) => {
    if (event.pointerId !== press.pointerId) return;
    last = event;
    frame ||= requestAnimationFrame(step);
  };
  const onUp = (event: PointerEvent) => {
    if (event.pointerId !== press.pointerId) return;
    last = event;
    step();
    stop();
    drag.end(dragged);
  };
  const onCancel = (event: PointerEvent) => {
    if (event.pointerId !== press.pointerId) return;
    stop();
    drag.cancel();
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Escape") return;
    event.preventDefault();
    event.stopPropagation();
    stop();
    drag.cancel();
  };
  const stop = () => {
    cancelAnimationFrame(frame);
    target.removeEventListener("pointermove", onMove);
    target.removeEventListener("pointerup", onUp);
    target.removeEventListener("pointercancel", onCancel);
    window.removeEventListener("keydown", onKey, true);
    if (target.hasPointerCapture(press.pointerId)) target.releasePointerCapture(press.pointerId);
  };

  target.setPointerCapture(press.pointerId);
  target.addEventListener("pointermove", onMove);
  target.addEventListener("pointerup", onUp);
  target.addEventListener("pointercancel", onCancel);
  window.addEventListener("keydown", onKey, true);
}
