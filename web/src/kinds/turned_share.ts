// Points in shares of a box that was turned with its page (velum/geometry/turn.py).

import { share, type Point } from "../canvas/box";

export function turnedShare({ x, y }: Point, by: 90 | 180 | 270): Point {
  if (by === 90) return { x: share(1 - y), y: x };
  if (by === 180) return { x: share(1 - x), y: share(1 - y) };
  return { x: y, y: share(1 - x) };
}
