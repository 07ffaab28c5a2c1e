// The known places of a scale: two of a number line; of a grid the corner that both axes begin at, and the end of each.

import { share, type Point } from "../../canvas/box";
import type { FieldOf } from "../teacher";
import type { Scale } from "./scale";

type Plot = FieldOf<"plot">;

export interface KnownPlace extends Point {
  name: "first" | "across" | "up";
  /** The values there, by axis. */
  across?: number;
  up?: number;
}

export function knownOf({ across, up }: Plot): KnownPlace[] {
  const { first, last } = across;
  return [
    { name: "first", x: first.x, y: first.y, across: first.value, ...(up && { up: up.first.value }) },
    { name: "across", x: last.x, y: last.y, across: last.value },
    ...(up ? [{ name: "up" as const, x: up.last.x, y: up.last.y, up: up.last.value }] : []),
  ];
}

/** What tells no values: two known places that are one, or that bear one value. */
const tells = ({ first, last }: Scale) =>
  first.value !== last.value && (first.x !== last.x || first.y !== last.y);

const kept = (before: Plot, now: Plot) => (tells(now.across) && (!now.up || tells(now.up)) ? now : before);

/** The field with one of its known places elsewhere in its box. */
export function withPlace(field: Plot, name: KnownPlace["name"], at: Point): Plot {
  const place = { x: share(at.x), y: share(at.y) };
  const { across, up } = field;
  const put = (scale: Scale, end: "first" | "last"): Scale => ({
    ...scale,
    [end]: { ...scale[end], ...place },
  });
  const now = {
    first: { ...field, across: put(across, "first"), up: up ? put(up, "first") : null },
    across: { ...field, across: put(across, "last") },
    up: { ...field, up: up ? put(up, "last") : null },
  };
  return kept(field, now[name]);
}

/** The field with another value at a known place. */
export function withValue(field: Plot, axis: "across" | "up", end: "first" | "last", value: number): Plot {
  const scale = field[axis];
  if (!scale) return field;
  return kept(field, { ...field, [axis]: { ...scale, [end]: { ...scale[end], value } } });
}

/** The field as a coordinate grid, or as a number line. What was asked stays where it can. */
export function asGrid(field: Plot, grid: boolean): Plot {
  if (grid === Boolean(field.up)) return field;
  if (!grid) return { ...field, up: null, asked: field.asked === "line" ? "points" : field.asked };
  const { first, last, step } = field.across;
  const corner = { x: 0.05, y: 0.95 };
  return {
    ...field,
    across: { first: { ...first, ...corner }, last: { ...last, x: 0.95, y: corner.y }, step },
    up: { first: { ...first, ...corner }, last: { ...last, x: corner.x, y: 0.05 }, step },
    asked: field.asked === "intervals" ? "points" : field.asked,
  };
}
