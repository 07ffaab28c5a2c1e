// Points of a field, in shares of its box: dots to be joined, places to be numbered. The box goes around all of them.

import type { Box } from "../api/teacher";
import { clamp, rounded, type Point, type Size } from "../canvas/box";
import { newId } from "../worksheet/ids";

export interface InBox {
  id: string;
  x: number;
  y: number;
  name: string;
}

export interface Points<P extends InBox> {
  box: Box;
  points: readonly P[];
}

/** Points of the page around the outermost ones, so that all of what is pressed lies in the box. */
const MARGIN = 9;

/** Where a point is on the page. */
export const onPage = (box: Box, { x, y }: Point): Point => ({
  x: box.x + x * box.width,
  y: box.y + y * box.height,
});

/** The points that lie there on their page, in a box around them. */
function boxed<P extends InBox>(laid: readonly { point: P; at: Point }[], page: Size): Points<P> {
  const xs = laid.map(({ at }) => clamp(at.x, MARGIN, page.width - MARGIN));
  const ys = laid.map(({ at }) => clamp(at.y, MARGIN, page.height - MARGIN));
  const [left, top] = [Math.min(...xs) - MARGIN, Math.min(...ys) - MARGIN];
  const box = rounded({
    x: left,
    y: top,
    width: Math.max(...xs) + MARGIN - left,
    height: Math.max(...ys) + MARGIN - top,
  });
  const points = laid.map(({ point }, i) => ({
    ...point,
    x: clamp(((xs[i] ?? 0) - box.x) / box.width, 0, 1),
    y: clamp(((ys[i] ?? 0) - box.y) / box.height, 0, 1),
  }));
  return { box, points };
}

const laidOut = <P extends InBox>({ box, points }: Points<P>) =>
  points.map((point) => ({ point, at: onPage(box, point) }));

/** The points with one of them moved. */
export const pointMoved = <P extends InBox>(all: Points<P>, id: string, by: Point, page: Size): Points<P> =>
  boxed(
    laidOut(all).map(({ point, at }) => ({
      point,
      at: point.id === id ? { x: at.x + by.x, y: at.y + by.y } : at,
    })),
    page,
  );

/** The points with one more. */
export const pointAdded = <P extends InBox>(
  all: Points<P>,
  point: Omit<P, "id" | "x" | "y">,
  at: Point,
  page: Size,
): Points<P> =>
  boxed([...laidOut(all), { point: { ...point, id: newPointId(), x: 0, y: 0 } as P, at }], page);

/** The points without one of them. */
export const pointRemoved = <P extends InBox>(all: Points<P>, id: string, page: Size): Points<P> =>
  boxed(
    laidOut(all).filter(({ point }) => point.id !== id),
    page,
  );

/** Short, since a line is named by two of them. */
export const newPointId = (): string => newId().slice(0, 10);
