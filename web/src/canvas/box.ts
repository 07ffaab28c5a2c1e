// Boxes on a page, in points. The server's rules decide; this only predicts where things go while they are moved.

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface Point {
  x: number;
  y: number;
}

export interface Size {
  width: number;
  height: number;
}

/** The corners and edges that a box is resized by, as compass points. */
export const HANDLES = ["nw", "n", "ne", "e", "se", "s", "sw", "w"] as const;
export type Handle = (typeof HANDLES)[number];

/** The smallest side of a box: 4 mm, what a finger or a pen still finds. */
export const SMALLEST = 12;

const tenth = (value: number) => Math.round(value * 10) / 10;

/** A box with its numbers rounded to a tenth of a point. */
export function rounded(box: Box): Box {
  return { x: tenth(box.x), y: tenth(box.y), width: tenth(box.width), height: tenth(box.height) };
}

/** The box between two opposite corners. */
export function between(a: Point, b: Point): Box {
  return {
    x: Math.min(a.x, b.x),
    y: Math.min(a.y, b.y),
    width: Math.abs(a.x - b.x),
    height: Math.abs(a.y - b.y),
  };
}

/** The box, moved; it stays on the page. */
export function moved(box: Box, by: Point, page: Size): Box {
  return {
    ...box,
    x: clamp(box.x + by.x, 0, page.width - box.width),
    y: clamp(box.y + by.y, 0, page.height - box.height),
  };
}

/** The box with one handle moved; it keeps its smallest size and stays on the page. */
export function resized(box: Box, handle: Handle, by: Point, page: Size): Box {
  let { x, y } = box;
  let right = box.x + box.width;
  let bottom = box.y + box.height;
  if (handle.includes("w")) x = clamp(x + by.x, 0, right - SMALLEST);
  if (handle.includes("e")) right = clamp(right + by.x, x + SMALLEST, page.width);
  if (handle.includes("n")) y = clamp(y + by.y, 0, bottom - SMALLEST);
  if (handle.includes("s")) bottom = clamp(bottom + by.y, y + SMALLEST, page.height);
  return { x, y, width: right - x, height: bottom - y };
}

/** The box after its page, of this size before, was turned clockwise by some degrees. */
export function turned(box: Box, by: 90 | 180 | 270, page: Size): Box {
  const { x, y, width, height } = box;
  if (by === 180) return { x: page.width - x - width, y: page.height - y - height, width, height };
  if (by === 90) return { x: page.height - y - height, y: x, width: height, height: width };
  return { x: y, y: page.width - x - width, width: height, height: width };
}

/** The box that holds all of some boxes. */
export function around(boxes: Box[]): Box {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

/** The middle of a box. */
export const middleOf = ({ x, y, width, height }: Box): Point => ({ x: x + width / 2, y: y + height / 2 });

/** The share of a page from which on a box lies over all of it (velum/document/page.py). */
const ALL = 0.95;

/** Whether a box lies over all of its page, and so under all else there. */
export const covers = (box: Size, page: Size): boolean => areaOf(box) >= ALL * areaOf(page);

/** The area of a box. */
export const areaOf = ({ width, height }: Size): number => width * height;

/** Boxes row by row from the top, each row from the left: a row is what lies level with its first. */
export function inRows(boxes: readonly Box[]): Box[] {
  const rows: Box[][] = [];
  for (const box of boxes.toSorted((a, b) => middleOf(a).y - middleOf(b).y)) {
    const first = rows.at(-1)?.[0];
    if (first && middleOf(box).y <= first.y + first.height) rows.at(-1)?.push(box);
    else rows.push([box]);
  }
  return rows.flatMap((row) => row.sort((a, b) => a.x - b.x));
}

export function sameBox(a: Box, b: Box): boolean {
  return a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;
}

export function overlaps(a: Box, b: Box): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

/** The share of the smaller of two boxes that lies over the other. */
export function shareOver(one: Box, other: Box): number {
  const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x);
  const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y);
  const smaller = Math.min(areaOf(one), areaOf(other));
  return across > 0 && down > 0 ? (across * down) / smaller : 0;
}

export function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(value, Math.max(least, most)));
}

/** A share of a whole, brought back from where rounding has carried it. */
export const share = (value: number): number => clamp(value, 0, 1);

/** How far a box is from where it lies, for CSS; none for one that lies there. Moving it so lays out nothing anew. */
export function carriedBy(lies: Box, is: Box, scale: number): string | undefined {
  const [x, y] = [(is.x - lies.x) * scale, (is.y - lies.y) * scale];
  return x || y ? `${x}px ${y}px` : undefined;
}
