// What somebody looks at: the place of a page that lies in the middle of what scrolls. Kept when the pages become larger or
// smaller, and when a view is left and comes back.

import { clamp, type Point } from "./box";

export interface Sight {
  /** Which of the pages, from 0, and where on it, as shares of its width and height. */
  page: number;
  x: number;
  y: number;
}

function middleOf(scroller: Element): Point {
  const { left, top } = scroller.getBoundingClientRect();
  return { x: left + scroller.clientWidth / 2, y: top + scroller.clientHeight / 2 };
}

/** What is looked at, in the middle or at another point of the window; undefined where there are no pages. */
export function sightOf(
  scroller: Element,
  pages: readonly Element[],
  middle: Point = middleOf(scroller),
): Sight | undefined {
  const rects = pages.map((page) => page.getBoundingClientRect());
  const at = rects.findIndex(({ bottom }) => bottom >= middle.y);
  const page = at < 0 ? rects.length - 1 : at;
  const rect = rects[page];
  if (!rect?.width || !rect.height) return undefined;
  return {
    page,
    x: clamp((middle.x - rect.left) / rect.width, 0, 1),
    y: clamp((middle.y - rect.top) / rect.height, 0, 1),
  };
}

/** Bring what was looked at into the middle again, or to another point of the window. */
export function lookAgainAt(
  scroller: Element,
  pages: readonly Element[],
  sight: Sight | undefined,
  middle: Point = middleOf(scroller),
): void {
  const rect = sight && pages[sight.page]?.getBoundingClientRect();
  if (!sight || !rect) return;
  scroller.scrollBy({
    left: rect.left + sight.x * rect.width - middle.x,
    top: rect.top + sight.y * rect.height - middle.y,
    behavior: "instant",
  });
}
