// What is set on a scale: points, the two points of a line, intervals. Pure; each thing that can be taken hold of is a handle.

import type { Schemas } from "../../api/student";
import { letter } from "../picked";
import { plain, rangeOf, snapped, type Scales, type Value } from "./scale";

export type PlotPoint = Schemas["PlotPoint"];
export type PlotInterval = Schemas["PlotInterval"];

/** What is asked, on which scale. */
export interface Asked extends Scales {
  asked: "points" | "intervals" | "line";
  most: number;
  lettered: boolean;
}

export interface Plotted {
  readonly placed: readonly PlotPoint[];
  readonly intervals: readonly PlotInterval[];
}

/** A point by its place in line, or one end of an interval. */
export interface Handle {
  i: number;
  end?: "low" | "high";
}

export const NOTHING: Plotted = { placed: [], intervals: [] };

export const isEmpty = ({ placed, intervals }: Plotted): boolean => !placed.length && !intervals.length;

const mostOf = ({ asked, most }: Asked) => (asked === "line" ? 2 : most);

export const isFull = (asked: Asked, { placed, intervals }: Plotted): boolean =>
  placed.length + intervals.length >= mostOf(asked);

export const sameHandle = (one: Handle | undefined, other: Handle | undefined): boolean =>
  one?.i === other?.i && one?.end === other?.end;

/** All that can be taken hold of. An end that runs on is where its interval leaves the box. */
export const handlesOf = ({ placed, intervals }: Plotted): Handle[] => [
  ...placed.map((_, i) => ({ i })),
  ...intervals.flatMap((_, i) => [
    { i, end: "low" as const },
    { i, end: "high" as const },
  ]),
];

/** The value of a handle; nothing where its interval runs on. */
export function valueOf(set: Plotted, { i, end }: Handle): Value | undefined {
  const point = set.placed[i];
  if (!end) return point && { across: point.across, up: point.up ?? null };
  const across = set.intervals[i]?.[end];
  return across == null ? undefined : { across, up: null };
}

/** Whether an end belongs to its interval; points always do. */
export const belongs = (set: Plotted, { i, end }: Handle): boolean =>
  !end || Boolean(set.intervals[i]?.[`${end}_belongs`]);

function nextLetter({ lettered }: Asked, { placed }: Plotted): string {
  const taken = placed.map((point) => point.letter);
  const free = Array.from({ length: 12 }, (_, i) => letter(i)).find((each) => !taken.includes(each));
  return lettered ? (free ?? "") : "";
}

/** One more at a value: a point, or an interval between two; and what of it is in hand. Nothing: there are enough. */
export function added(asked: Asked, set: Plotted, at: Value, to?: Value): [Plotted, Handle] | undefined {
  if (isFull(asked, set)) return undefined;
  if (asked.asked !== "intervals") {
    const point = { ...at, letter: nextLetter(asked, set) };
    return [{ ...set, placed: [...set.placed, point] }, { i: set.placed.length }];
  }
  const [low, high] = [at.across, to?.across ?? at.across].sort((a, b) => a - b) as [number, number];
  const interval = { low, low_belongs: true, high, high_belongs: true };
  const end = to && to.across < at.across ? "low" : "high";
  return [
    { ...set, intervals: [...set.intervals, interval] },
    { i: set.intervals.length, end },
  ];
}

/** Where one more is set with the keyboard: in the middle, or the nearest place beside it where there is none. */
export function freePlace(asked: Asked, set: Plotted): [Value, Value] {
  const { low, high } = rangeOf(asked);
  const { step } = asked.across;
  const middle = snapped(asked, {
    across: (low + high) / 2,
    up: asked.up ? (rangeOf(asked, "up").low + rangeOf(asked, "up").high) / 2 : null,
  });
  const taken = (across: number) =>
    [...set.placed, ...set.intervals.map(({ low }) => ({ across: low }))].some(
      (each) => each.across === across,
    );
  const count = Math.min(200, Math.round((high - low) / step));
  const tried = Array.from({ length: 2 * count + 1 }, (_, i) =>
    plain(middle.across + (i % 2 ? 1 : -1) * Math.ceil(i / 2) * step),
  );
  const across = tried.find((each) => each >= low && each <= high && !taken(each)) ?? middle.across;
  const to = across + 2 * step <= high ? across + 2 * step : across - 2 * step;
  return [{ ...middle, across }, snapped(asked, { across: to, up: null })];
}

/** One more where there is room: what is asked for without a place. Nothing: there are enough. */
export function addedSomewhere(asked: Asked, set: Plotted): [Plotted, Handle] | undefined {
  const [at, to] = freePlace(asked, set);
  return added(asked, set, at, asked.asked === "intervals" ? to : undefined);
}

/** A handle elsewhere; ends of an interval that pass each other change their roles. `undefined`: the end runs on. */
export function movedTo(
  asked: Asked,
  set: Plotted,
  handle: Handle,
  to: Value | undefined,
): [Plotted, Handle] {
  const { i, end } = handle;
  if (!end) {
    if (!to) return [set, handle];
    const at = snapped(asked, to);
    return [
      { ...set, placed: set.placed.map((point, j) => (j === i ? { ...point, ...at } : point)) },
      handle,
    ];
  }
  const before = set.intervals[i];
  if (!before) return [set, handle];
  const value = to ? snapped(asked, to).across : null;
  let now: PlotInterval = { ...before, [end]: value };
  let held = end;
  if (now.low != null && now.high != null && now.low > now.high) {
    now = {
      low: now.high,
      low_belongs: now.high_belongs,
      high: now.low,
      high_belongs: now.low_belongs,
    };
    held = end === "low" ? "high" : "low";
  }
  return [
    { ...set, intervals: set.intervals.map((interval, j) => (j === i ? now : interval)) },
    { i, end: held },
  ];
}

/** A handle some steps farther; an end that is moved beyond the last step runs on, and back from there it ends again. */
export function stepped(
  asked: Asked,
  set: Plotted,
  handle: Handle,
  by: { across: number; up: number },
): [Plotted, Handle] {
  const at = valueOf(set, handle);
  const { low, high } = rangeOf(asked);
  if (!at) {
    const last = handle.end === "low" ? low : high;
    const inward = handle.end === "low" ? by.across > 0 : by.across < 0;
    return inward ? movedTo(asked, set, handle, { across: last, up: null }) : [set, handle];
  }
  const across = at.across + by.across * asked.across.step;
  const beyond = handle.end === "low" ? across < low : handle.end === "high" && across > high;
  if (beyond) return movedTo(asked, set, handle, undefined);
  const up = asked.up ? (at.up ?? 0) + by.up * asked.up.step : null;
  return movedTo(asked, set, handle, { across, up });
}

/** The same without the point, or the interval, of a handle. */
export const without = (set: Plotted, { i, end }: Handle): Plotted =>
  end
    ? { ...set, intervals: set.intervals.filter((_, j) => j !== i) }
    : { ...set, placed: set.placed.filter((_, j) => j !== i) };

/** The same where an end belongs to its interval, if it did not, and the other way round. */
export const toggled = (set: Plotted, { i, end }: Handle): Plotted =>
  end
    ? {
        ...set,
        intervals: set.intervals.map((interval, j) =>
          j === i ? { ...interval, [`${end}_belongs`]: !interval[`${end}_belongs`] } : interval,
        ),
      }
    : set;
