// Where the values of a scale lie in its field's box, and what value is at a place. Pure; lengths in points from the box's corner.

import type { Schemas } from "../../api/student";
import { clamp, type Point, type Size } from "../../canvas/box";

export type Scale = Schemas["Scale"];

/** A number line, or with `up` a coordinate grid, in a box of some size. */
export interface Scales {
  box: Size;
  across: Scale;
  up?: Scale | null;
}

/** What lies at a place: on a number line nothing is up. */
export interface Value {
  across: number;
  up: number | null;
}

export interface Range {
  low: number;
  high: number;
}

/** Digits that a value is kept with: ten steps of 0.1 are 1. */
const DIGITS = 12;
export const plain = (value: number): number => Number(value.toPrecision(DIGITS));

const inBox = ({ x, y }: Point, { width, height }: Size): Point => ({ x: x * width, y: y * height });
const dot = (a: Point, b: Point) => a.x * b.x + a.y * b.y;
const less = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });

/** A scale as a direction: from where its first known value lies, points for the whole way to its second. */
function way({ first, last }: Scale, box: Size) {
  const from = inBox(first, box);
  return { from, by: less(inBox(last, box), from), value: first.value, more: last.value - first.value };
}

function readAt(scale: Scale, box: Size, at: Point): number {
  const { from, by, value, more } = way(scale, box);
  return value + (more * dot(less(at, from), by)) / dot(by, by);
}

/** The value at a place, as it is. */
export const valueAt = ({ box, across, up }: Scales, at: Point): Value => ({
  across: readAt(across, box, at),
  up: up ? readAt(up, box, at) : null,
});

/** Where a value lies. Of a grid whose axes run the same way, none is known: the place of the value across. */
export function placeOf({ box, across, up }: Scales, value: Value): Point {
  const a = way(across, box);
  const along = (value.across - a.value) / a.more;
  const on = { x: a.from.x + along * a.by.x, y: a.from.y + along * a.by.y };
  if (!up || value.up === null) return on;
  const u = way(up, box);
  // Both values are read at right angles to their axes: two equations, with the axes' directions as rows.
  const [one, other] = [
    dot(a.from, a.by) + along * dot(a.by, a.by),
    dot(u.from, u.by) + ((value.up - u.value) / u.more) * dot(u.by, u.by),
  ];
  const area = a.by.x * u.by.y - a.by.y * u.by.x;
  if (Math.abs(area) < 1e-9) return on;
  return { x: (one * u.by.y - other * a.by.y) / area, y: (a.by.x * other - u.by.x * one) / area };
}

/** The values of an axis within its box, in whole steps; at least one. */
export function rangeOf({ box, across, up }: Scales, axis: "across" | "up" = "across"): Range {
  const scale = axis === "up" && up ? up : across;
  const { width, height } = box;
  const corners = [0, width].flatMap((x) => [0, height].map((y) => readAt(scale, box, { x, y })));
  const slack = scale.step / 1e6;
  const low = Math.ceil((Math.min(...corners) - slack) / scale.step);
  const high = Math.floor((Math.max(...corners) + slack) / scale.step);
  return { low: plain(low * scale.step), high: plain(Math.max(low, high) * scale.step) };
}

/** The nearest value on a step that lies in the box. */
export function snapped(scales: Scales, value: Value): Value {
  const on = (axis: "across" | "up", scale: Scale, wanted: number) => {
    const { low, high } = rangeOf(scales, axis);
    return clamp(plain(Math.round(wanted / scale.step) * scale.step), low, high);
  };
  return {
    across: on("across", scales.across, value.across),
    up: scales.up ? on("up", scales.up, value.up ?? 0) : null,
  };
}

/** The value on a step that is nearest to a place. */
export const nearest = (scales: Scales, at: Point): Value => snapped(scales, valueAt(scales, at));

/** The values on the steps of an axis, at most some hundreds: finer ones are not drawn. */
export function stepsOf(scales: Scales, axis: "across" | "up" = "across"): number[] {
  const scale = axis === "up" && scales.up ? scales.up : scales.across;
  const { low, high } = rangeOf(scales, axis);
  const count = Math.round((high - low) / scale.step);
  return count > 400 ? [] : Array.from({ length: count + 1 }, (_, i) => plain(low + i * scale.step));
}

/** Where a number line ends in its box, beyond its last steps: intervals that run on are drawn that far. */
export function ends({ box, across }: Scales): { low: Point; high: Point } {
  const { from, by, more } = way(across, box);
  const reach = (toward: 1 | -1): Point => {
    const ways = (["x", "y"] as const).flatMap((axis) => {
      const run = by[axis] * toward;
      if (!run) return [];
      return [((run > 0 ? (axis === "x" ? box.width : box.height) : 0) - from[axis]) / run];
    });
    const far = Math.min(...ways) * toward;
    return { x: from.x + by.x * far, y: from.y + by.y * far };
  };
  return more > 0 ? { low: reach(-1), high: reach(1) } : { low: reach(1), high: reach(-1) };
}

/**
 * Whether a place lies beyond the last step of a number line, so that an interval runs on there: by half a step, but by no less
 * and no more than so many points.
 */
export function isBeyond(
  scales: Scales,
  at: Point,
  end: "low" | "high",
  [least, most]: [number, number],
): boolean {
  const { low, high } = rangeOf(scales);
  const place = (across: number) => placeOf(scales, { across, up: null });
  const [last, other] = end === "low" ? [place(low), place(high)] : [place(high), place(low)];
  const along = less(last, other);
  const length = Math.hypot(along.x, along.y);
  if (!length) return false;
  const half = (length * scales.across.step) / (high - low) / 2;
  return dot(less(at, last), along) / length > clamp(half, least, most);
}

/** A straight line through two points, as far as it lies in the box; nothing where they are one. */
export function acrossBox({ width, height }: Size, a: Point, b: Point): [Point, Point] | undefined {
  const by = less(b, a);
  if (!by.x && !by.y) return undefined;
  let [from, to] = [-Infinity, Infinity];
  for (const [start, run, most] of [
    [a.x, by.x, width],
    [a.y, by.y, height],
  ] as const) {
    if (!run) continue;
    const [one, other] = [-start / run, (most - start) / run];
    [from, to] = [Math.max(from, Math.min(one, other)), Math.min(to, Math.max(one, other))];
  }
  const at = (far: number) => ({ x: a.x + far * by.x, y: a.y + far * by.y });
  return from < to ? [at(from), at(to)] : undefined;
}
