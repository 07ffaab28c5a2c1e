// Boxes laid again along rows and columns, at the spacing of what is printed there or of those that are laid already.

import { around, shareOver, type Box, type Point, type Size } from "./box";
import type { Axis } from "./snap";

/** What tells how far apart printed places are: each left, top, width, height, in points. */
export interface PrintedPlaces {
  blanks: readonly Box[];
  rules: readonly Box[];
  text: readonly Box[];
}

const LENGTH = { x: "width", y: "height" } as const;
const OTHER = { x: "y", y: "x" } as const;

/** Points between boxes where nothing tells how far apart they are to be. */
const GAP = 8;
/** Copies that one drag lays at most. */
const MOST = 300;
/** Points by which boxes of one row or column may be out of line. */
const TREMBLE = 3;

/** What is repeated, and by how much each copy lies away from it: towards the end of the axis, and towards its beginning. */
interface Series {
  unit: readonly Box[];
  ahead: readonly Step[];
  behind: readonly Step[];
}

/** A distance along an axis, and how far what is printed there lies aside: blanks within sentences do. */
interface Step {
  along: number;
  aside: number;
}

/**
 * By how much copies of some boxes lie away from them, when they are repeated as far as a pointer has been dragged from their
 * lower right corner; `units` are the places of the boxes that each copy is of.
 */
export function repeated(
  boxes: readonly Box[],
  by: Point,
  printed: PrintedPlaces,
  page: Size,
): { units: number[]; offsets: Point[] } {
  const along = { x: series(boxes, "x", printed, page), y: series(boxes, "y", printed, page) };
  const reached = (axis: Axis) => {
    const { unit, ahead, behind } = along[axis];
    const size = around([...unit])[LENGTH[axis]];
    if (by[axis] >= 0) return ahead.filter(({ along }) => along - size / 2 <= by[axis]);
    // The corner has to be led over the whole box to its other side first.
    return behind.filter(({ along }) => along + size / 2 >= by[axis] + size);
  };
  const [across, down] = [reached("x"), reached("y")];
  // Repeated both ways, all that is in hand is; along a line of boxes, the last of them.
  const unit = across.length > 0 && down.length > 0 ? boxes : down.length > 0 ? along.y.unit : along.x.unit;
  const units = placesOf(unit, boxes);
  const here = { along: 0, aside: 0 };
  const offsets = [here, ...down]
    .flatMap((row) =>
      [here, ...across].map((column) => ({
        x: column.along + (across.length === 0 ? row.aside : 0),
        y: row.along + (down.length === 0 ? column.aside : 0),
      })),
    )
    .filter(({ x, y }) => x !== 0 || y !== 0);
  const on = offsets.filter((offset) => isOn(page, around([...unit]), offset));
  return { units, offsets: on.slice(0, Math.floor(MOST / Math.max(1, units.length))) };
}

/** Copies of boxes at each of these distances from them. */
export const copiesOf = (boxes: readonly Box[], offsets: readonly Point[]): Box[] =>
  offsets.flatMap((by) => boxes.map((box) => ({ ...box, x: box.x + by.x, y: box.y + by.y })));

/** By how much the next copy of some boxes lies away from them. */
export function nextTo(
  boxes: readonly Box[],
  axis: Axis,
  printed: PrintedPlaces,
  page: Size,
): { units: number[]; offset: Point } {
  const { unit, ahead } = series(boxes, axis, printed, page);
  const { along, aside } = ahead[0] ?? { along: around([...unit])[LENGTH[axis]] + GAP, aside: 0 };
  const units = placesOf(unit, boxes);
  return { units, offset: axis === "x" ? { x: along, y: aside } : { x: aside, y: along } };
}

/** Which of some boxes are those of a unit. */
const placesOf = (unit: readonly Box[], boxes: readonly Box[]): number[] =>
  boxes.flatMap((box, i) => (unit.includes(box) ? [i] : []));

const isOn = (page: Size, { x, y, width, height }: Box, by: Point): boolean =>
  x + by.x >= -TREMBLE &&
  y + by.y >= -TREMBLE &&
  x + by.x + width <= page.width + TREMBLE &&
  y + by.y + height <= page.height + TREMBLE;

function series(boxes: readonly Box[], axis: Axis, printed: PrintedPlaces, page: Size): Series {
  const line = inALine(boxes, axis);
  if (line) {
    const [first, second] = line as [Box, Box];
    const last = line.at(-1) as Box;
    const pitch = second[axis] - first[axis];
    const length = last[axis] - first[axis];
    return {
      unit: [last],
      ahead: going(pitch, page[LENGTH[axis]]),
      behind: going(pitch, page[LENGTH[axis]]).map(({ along }) => ({ along: -along - length, aside: 0 })),
    };
  }
  const whole = around([...boxes]);
  const steps = printedSteps(whole, axis, printed);
  const usual = whole[LENGTH[axis]] + GAP;
  const length = page[LENGTH[axis]];
  const back = ({ along, aside }: Step): Step => ({ along: -along, aside });
  const ahead = goingOn(
    steps.filter(({ along }) => along > TREMBLE),
    usual,
    length,
  );
  const behind = goingOn(steps.filter(({ along }) => along < -TREMBLE).map(back), usual, length).map(back);
  return { unit: boxes, ahead, behind };
}

/** Several boxes that make one row or column, in its order. */
function inALine(boxes: readonly Box[], axis: Axis): Box[] | undefined {
  const [first] = boxes;
  const other = OTHER[axis];
  if (!first || boxes.length < 2) return undefined;
  if (boxes.some((box) => Math.abs(box[other] - first[other]) > TREMBLE)) return undefined;
  const line = [...boxes].sort((a, b) => a[axis] - b[axis]);
  return (line[1] as Box)[axis] - (line[0] as Box)[axis] > TREMBLE ? line : undefined;
}

const going = (pitch: number, length: number): Step[] =>
  Array.from({ length: Math.min(200, Math.floor(length / pitch)) }, (_, i) => ({
    along: (i + 1) * pitch,
    aside: 0,
  }));

/** Steps from near to far, one for each distance, gone on with by the last. */
function goingOn(steps: readonly Step[], usual: number, length: number): Step[] {
  const sorted = [...steps].sort((a, b) => a.along - b.along || Math.abs(a.aside) - Math.abs(b.aside));
  const each = sorted.filter(({ along }, i) => i === 0 || along - (sorted[i - 1] as Step).along > TREMBLE);
  const last = each.at(-1);
  if (!last) return going(usual, length);
  const step = last.along - (each.at(-2)?.along ?? 0);
  const more = going(step, length - last.along);
  return [...each, ...more.map(({ along }) => ({ along: last.along + along, aside: last.aside }))];
}

/** How far what is printed like that which a box lies on is away. */
function printedSteps(box: Box, axis: Axis, { blanks, rules, text }: PrintedPlaces): Step[] {
  const other = OTHER[axis];
  const mine = blanks
    .filter((blank) => shareOver(box, blank) > 0.5)
    .sort((a, b) => shareOver(box, b) - shareOver(box, a))[0];
  if (mine) {
    const beside = blanks.filter((blank) => common(blank, mine, other) > 0 && sameLength(blank, mine, other));
    const alike = beside.filter((blank) => sameLength(blank, mine, axis));
    const steps = (alike.length > 1 ? alike : beside.filter((blank) => inLine(blank, mine, axis))).map(
      (blank) => ({
        along: blank[axis] - mine[axis],
        aside: blank[other] - mine[other],
      }),
    );
    if (steps.length > 1) return steps;
  }
  if (axis === "x") return [];
  const bottom = box.y + box.height;
  const rule = rules.find((each) => Math.abs(each.y - bottom) < 5 && inLine(each, box, "y"));
  if (rule) {
    const steps = rules
      .filter((each) => inLine(each, rule, "y"))
      .map((each) => ({ along: each.y - rule.y, aside: 0 }));
    if (steps.length > 1) return steps;
  }
  // The questions of a list begin at one place across: what hangs below each is further in.
  const beside = text.filter(
    (each) => each.y < bottom && each.y + each.height > box.y && each.x < box.x + box.width,
  );
  const begin = Math.min(...beside.map(({ x }) => x));
  const row = beside.find(({ x }) => x === begin);
  if (!row) return [];
  return text
    .filter(({ x }) => Math.abs(x - row.x) < TREMBLE)
    .map((each) => ({ along: each.y + each.height - row.y - row.height, aside: 0 }));
}

const common = (one: Box, other: Box, axis: Axis): number =>
  Math.min(one[axis] + one[LENGTH[axis]], other[axis] + other[LENGTH[axis]]) -
  Math.max(one[axis], other[axis]);

/** Whether one lies before or behind the other along an axis. */
function inLine(one: Box, other: Box, axis: Axis): boolean {
  const beside = OTHER[axis];
  return common(one, other, beside) > 0.6 * Math.min(one[LENGTH[beside]], other[LENGTH[beside]]);
}

const sameLength = (one: Box, other: Box, axis: Axis): boolean =>
  Math.abs(one[LENGTH[axis]] - other[LENGTH[axis]]) <=
  Math.max(TREMBLE, 0.3 * Math.max(one[LENGTH[axis]], other[LENGTH[axis]]));
