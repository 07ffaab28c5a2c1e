// The keyboard's twin of every drag: arrow keys move, with Alt they make larger or smaller, with Shift in larger steps.

import { moved, resized, type Box, type Point, type Size } from "./box";

const ARROWS: Record<string, Point> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The points of a step, and of a large one. */
export interface Steps {
  small: number;
  large: number;
}

/** How far an arrow key goes, in points; undefined for any other key. */
export function stepOf(event: KeyboardEvent, { small, large }: Steps): Point | undefined {
  const arrow = event.ctrlKey || event.metaKey ? undefined : ARROWS[event.key];
  const by = event.shiftKey ? large : small;
  return arrow && { x: arrow.x * by, y: arrow.y * by };
}

/** Where a key brings a box on its page; undefined for a key that brings it nowhere. */
export function byKey(event: KeyboardEvent, box: Box, page: Size, steps: Steps): Box | undefined {
  const step = stepOf(event, steps);
  return step && (event.altKey ? resized(box, "se", step, page) : moved(box, step, page));
}
