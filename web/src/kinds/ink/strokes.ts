// Strokes: their paths, which are SVG's (tenths of a point of the page, each point by its way from the one before), and
// what an eraser does to them.

import type { Schemas } from "../../api/student";
import type { Point } from "../../canvas/box";

export type Stroke = Schemas["Stroke"];
/** A stroke and its name. */
export type Named = Schemas["Drawn"];
export type Colour = Stroke["colour"];

/** A point of a stroke as it is drawn, in points of the page; the pressure from 0 to 1, where the device tells. */
export interface Drawn extends Point {
  pressure?: number | undefined;
}

/** The most points that one stroke is kept with; what is longer goes on in another (velum/kinds/ink.py). */
export const MOST_POINTS = 1_000;
/** Points of the page by which a stroke may be drawn otherwise than the hand went. */
const TOLERANCE = 0.12;

/** The path through some points. */
export function pathOf(points: readonly Point[]): string {
  let [x, y] = [0, 0];
  const parts = points.map((point, i) => {
    const [toX, toY] = [Math.round(point.x * 10), Math.round(point.y * 10)];
    const way = numbers(toX - x, toY - y);
    [x, y] = [toX, toY];
    return i === 0 ? `m${way}` : i === 1 ? `l${way}` : way.startsWith("-") ? way : ` ${way}`;
  });
  return parts.join("");
}

const numbers = (a: number, b: number) => `${a}${b < 0 ? "" : " "}${b}`;

const read = new WeakMap<object, readonly Drawn[]>();

/** Where a path goes. A stroke is never changed, so each is read once, however often it is drawn or rubbed at. */
export function pointsOf(stroke: Pick<Stroke, "path" | "pressure">): readonly Drawn[] {
  const known = read.get(stroke) ?? pointsIn(stroke);
  read.set(stroke, known);
  return known;
}

function pointsIn({ path, pressure }: Pick<Stroke, "path" | "pressure">): Drawn[] {
  const all = path.match(/-?\d+/g)?.map(Number) ?? [];
  const points: Drawn[] = [];
  let [x, y] = [0, 0];
  for (let i = 0; i + 1 < all.length; i += 2) {
    [x, y] = [x + (all[i] ?? 0), y + (all[i + 1] ?? 0)];
    const digit = pressure[i / 2];
    points.push({ x: x / 10, y: y / 10, pressure: digit === undefined ? undefined : Number(digit) / 9 });
  }
  return points;
}

export const pressureOf = (points: readonly Drawn[]): string =>
  points.some(({ pressure }) => pressure === undefined)
    ? ""
    : points.map(({ pressure = 0 }) => Math.round(Math.max(0, Math.min(1, pressure)) * 9)).join("");

/** The points that a line needs to go where the hand went (D. Douglas and T. Peucker, 1973). */
export function simplified<P extends Point>(points: readonly P[], tolerance = TOLERANCE): P[] {
  const first = points[0];
  const last = points.at(-1);
  if (points.length < 3 || !first || !last) return [...points];
  const keep = new Set([0, points.length - 1]);
  const open: [number, number][] = [[0, points.length - 1]];
  for (let part = open.pop(); part; part = open.pop()) {
    const [from, to] = part;
    let far = 0;
    let at = from;
    for (let i = from + 1; i < to; i++) {
      const away = fromLine(points[i] as P, points[from] as P, points[to] as P);
      if (away > far) [far, at] = [away, i];
    }
    if (far <= tolerance) continue;
    keep.add(at);
    open.push([from, at], [at, to]);
  }
  return points.filter((_, i) => keep.has(i));
}

/** How far a point is from a line between two others. */
export function fromLine({ x, y }: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = dx * dx + dy * dy;
  const share = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / length));
  return Math.hypot(x - a.x - share * dx, y - a.y - share * dy);
}

/** Whether an eraser of some radius touches a stroke. */
export function isTouched(stroke: Stroke, at: Point, radius: number): boolean {
  const points = pointsOf(stroke);
  const [first] = points;
  if (!first) return false;
  if (stroke.tool === "note") return isInNote(stroke, first, at);
  const reach = radius + stroke.width / 2;
  if (points.length === 1) return Math.hypot(first.x - at.x, first.y - at.y) <= reach;
  return points.some((point, i) => i > 0 && fromLine(at, points[i - 1] as Drawn, point) <= reach);
}

/** About the room that a note takes: some half as wide as high for each letter. */
const isInNote = ({ text, width }: Stroke, { x, y }: Point, at: Point): boolean => {
  const lines = text.split("\n");
  const wide = 0.55 * width * Math.max(...lines.map((line) => line.length));
  return at.x >= x && at.x <= x + wide && at.y >= y && at.y <= y + 1.3 * width * lines.length;
};

/** What is left of a stroke where a part of it was erased; undefined: it was not touched. */
export function withoutPart(stroke: Stroke, at: Point, radius: number): Stroke[] | undefined {
  if (!isTouched(stroke, at, radius)) return undefined;
  if (stroke.tool === "note") return [];
  const reach = radius + stroke.width / 2;
  const left: Drawn[][] = [[]];
  for (const point of dense(pointsOf(stroke), reach / 3)) {
    if (Math.hypot(point.x - at.x, point.y - at.y) > reach) left.at(-1)?.push(point);
    else if (left.at(-1)?.length) left.push([]);
  }
  return left
    .filter((points) => points.length > 1)
    .map((points) => {
      const kept = simplified(points);
      return { ...stroke, path: pathOf(kept), pressure: pressureOf(kept) };
    });
}

/** A line with so many points that no two neighbours are farther apart. */
function dense(points: readonly Drawn[], apart: number): Drawn[] {
  return points.flatMap((point, i) => {
    const before = points[i - 1];
    if (!before) return [point];
    const steps = Math.max(1, Math.ceil(Math.hypot(point.x - before.x, point.y - before.y) / apart));
    return Array.from({ length: steps }, (_, k) => {
      const share = (k + 1) / steps;
      return {
        x: before.x + share * (point.x - before.x),
        y: before.y + share * (point.y - before.y),
        pressure: point.pressure,
      };
    });
  });
}

/** What was drawn as strokes of a length that can be kept; each goes on where the one before ends. */
export function strokesOf(
  points: readonly Drawn[],
  look: Pick<Stroke, "tool" | "colour" | "width">,
): Stroke[] {
  const kept = simplified(points);
  const made: Stroke[] = [];
  for (let from = 0; from === 0 || from < kept.length - 1; from += MOST_POINTS - 1) {
    const part = kept.slice(from, from + MOST_POINTS);
    made.push({ ...NOTHING, ...look, path: pathOf(part), pressure: pressureOf(part) });
  }
  return made;
}

/** What stands where a stroke was taken away. */
export const NOTHING: Stroke = {
  kind: "ink",
  version: 1,
  tool: "pen",
  colour: "ink",
  width: 1.5,
  path: "",
  pressure: "",
  text: "",
};

export const isThere = ({ tool, path, text }: Stroke): boolean =>
  path !== "" && (tool !== "note" || text.trim() !== "");
