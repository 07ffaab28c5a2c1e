// Lines between dots: which stand, what they are called, and how they run.

import type { Schemas } from "../../api/student";
import type { Point } from "../../canvas/box";

export type Dot = Schemas["Dot"];
export type Line = Schemas["Join"];

/** Line colours that are told apart in all kinds of sight (Okabe and Ito 2008), and how each is dashed. */
export const LOOKS = [
  ["#0072b2", ""],
  ["#d55e00", "8 4"],
  ["#009e73", "2 4"],
  ["#7a3e8e", "12 4 2 4"],
  ["#8a6d00", "5 5"],
  ["#444444", "14 6"],
] as const;

/** The name under which a line is saved, whichever of its dots came first (velum/kinds/joins.py). */
export function lineName(dots: readonly Dot[], line: Line): string {
  const at = (id: string) => dots.findIndex((dot) => dot.id === id);
  const [a, b] = at(line.a) < at(line.b) ? [line.a, line.b] : [line.b, line.a];
  return `${a}to${b}`;
}

/** The line that a name is of. */
export function lineNamed(dots: readonly Dot[], name: string): Line | undefined {
  const at = (id: string) => dots.findIndex((dot) => dot.id === id);
  for (const { index } of name.matchAll(/(?=to)/g)) {
    const [a, b] = [name.slice(0, index), name.slice(index + 2)];
    if (at(a) >= 0 && at(b) > at(a)) return { a, b };
  }
  return undefined;
}

/** The lines that stand after all that was drawn, the last ones last. */
export function together(
  { dots, one_each }: { dots: readonly Dot[]; one_each: boolean },
  entries: Iterable<readonly [string, { drawn: boolean }]>,
): Line[] {
  const lines: Line[] = [];
  const taken = new Set<string>();
  for (const [name, { drawn }] of [...entries].reverse()) {
    const line = lineNamed(dots, name);
    if (!line || !drawn || (one_each && (taken.has(line.a) || taken.has(line.b)))) continue;
    taken.add(line.a).add(line.b);
    lines.push(line);
  }
  return lines.reverse();
}

/** Whether a line may go between two dots. */
export const mayJoin = (one: Dot, other: Dot): boolean =>
  one.id !== other.id && (!one.side || one.side !== other.side);

/** What changes when a line is drawn, or taken away because it was there: lines by name, whether they are drawn now. */
export function drawn(
  field: { dots: readonly Dot[]; one_each: boolean },
  lines: readonly Line[],
  line: Line,
): [string, boolean][] {
  const name = lineName(field.dots, line);
  const names = lines.map((each) => lineName(field.dots, each));
  if (names.includes(name)) return [[name, false]];
  const shares = (each: Line) => [line.a, line.b].some((id) => id === each.a || id === each.b);
  const gone = field.one_each ? lines.filter(shares) : [];
  return [...gone.map((each): [string, boolean] => [lineName(field.dots, each), false]), [name, true]];
}

/** What a dot is called: by what is printed there, or by its place on its side. */
export function dotName(dots: readonly Dot[], dot: Dot): string {
  if (dot.name) return dot.name;
  const place = dots.filter(({ side }) => side === dot.side).indexOf(dot);
  return dot.side === "end" ? String.fromCharCode(65 + place) : String(place + 1);
}

/** The way of a line, in the units of its ends. */
export function path(a: Point, b: Point, curved: boolean): string {
  if (!curved) return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  const across = (b.x - a.x) / 2;
  return `M${a.x} ${a.y}C${a.x + across} ${a.y} ${b.x - across} ${b.y} ${b.x} ${b.y}`;
}

export const inWords = (dots: readonly Dot[], lines: readonly Line[]): string =>
  lines
    .flatMap(({ a, b }) => {
      const [one, other] = [a, b].map((id) => dots.find((dot) => dot.id === id));
      return one && other ? [`${dotName(dots, one)} – ${dotName(dots, other)}`] : [];
    })
    .join(", ");
