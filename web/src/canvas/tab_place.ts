// Where the numbers of questions stand: a tab at the leading edge of its field, over nothing that is printed or written.
// Beside the field where there is room, along its edges; within it where there is none and it is blank there; and where
// that would hide what it holds, nowhere: the number is shown when the field is in hand.

import { covers, overlaps, type Box, type Point, type Size } from "./box";
import type { Ink } from "./ink";

export interface Tabbed {
  id: string;
  box: Box;
  number: string;
  /** Whether the field lies over what is printed: nothing has room in it. */
  clear: boolean;
}

/** The edge of a field that its tab stands at, where on the page, in points; or within the field; or nowhere. */
export interface TabPlace {
  edge: "above" | "before" | "below" | "after" | "within" | "nowhere";
  small: boolean;
  at: Point;
}

/** A tab in CSS pixels at 16 px letters: how high it is, how wide a character is, and what stands beside them. */
const SIZES = {
  usual: { height: 16, character: 7, padding: 10, least: 19 },
  small: { height: 11.5, character: 5.6, padding: 5, least: 13.5 },
} as const;
type SizeName = keyof typeof SIZES;

/** How far apart the places are that are tried along an edge, in points. */
const STEP = 6;
/** What may be printed right at a field's edge and is its own: the line it is written on, its frame. In points. */
const FRAME = 2.5;
/** Boxes that lie so near to each other only touch, in points. */
const TOUCH = 0.2;
/** How much more of a field is left to write in than its tab takes. */
const ROOM = 2.5;

/** The size of a tab in CSS pixels; `letters` are the pixels of a letter's em on this screen. */
export function tabSize(number: string, name: SizeName, letters: number): Size {
  const { height, character, padding, least } = SIZES[name];
  const width = Math.max(least, [...number].length * character + padding);
  return { width: (width * letters) / 16, height: (height * letters) / 16 };
}

interface Around {
  page: Size;
  /** CSS pixels for each point. */
  scale: number;
  letters: number;
  /** What is printed; unknown until the picture of the page is there. */
  ink: Ink | undefined;
  /** What else lies on the page. */
  lying: readonly Box[];
  rightToLeft?: boolean;
}

/** Where the tabs of a page stand, by the ids of their fields. */
export function tabPlaces(fields: readonly Tabbed[], around: Around): Map<string, TabPlace> {
  const taken: Box[] = [...around.lying];
  const places = new Map<string, TabPlace>();
  for (const field of fields) {
    if (!field.number) continue;
    const others = fields
      .filter((other) => other !== field && !covers(other.box, around.page))
      .map(({ box }) => box);
    const [place, tab] = placeOf(field, around, [...others, ...taken]);
    places.set(field.id, place);
    if (tab) taken.push(tab);
  }
  return places;
}

function placeOf(field: Tabbed, around: Around, others: readonly Box[]): [TabPlace, Box?] {
  const { scale, letters, page, ink } = around;
  const about = others.filter((other) => overlaps(other, wider(field.box, 60 / scale + 20)));
  for (const name of ["usual", "small"] as const) {
    const size = tabSize(field.number, name, letters);
    const tab = { width: size.width / scale, height: size.height / scale };
    for (const [edge, at] of beside(field.box, tab, around.rightToLeft ?? false)) {
      const box = { ...at, ...tab };
      const free =
        box.x >= 0 &&
        box.y >= 0 &&
        box.x + box.width <= page.width &&
        box.y + box.height <= page.height &&
        !about.some((other) => overlaps(other, wider(box, -TOUCH))) &&
        (!ink || ink.isClear(beyondFrame(field.box, box)));
      if (free) return [{ edge, small: name === "small", at }, box];
    }
  }
  const { width, height } = tabSize(field.number, "small", letters);
  const { x, y } = field.box;
  const roomy = field.box.width * scale >= width * ROOM && field.box.height * scale >= height;
  return [{ edge: roomy && !field.clear ? "within" : "nowhere", small: true, at: { x, y } }];
}

/** The places at the edges of a box, the best first: above at its leading corner, before it, along its edges. */
function* beside(box: Box, tab: Size, rightToLeft: boolean): Generator<[TabPlace["edge"], Point]> {
  const start = rightToLeft ? box.x + box.width - tab.width : box.x;
  const before = rightToLeft ? box.x + box.width : box.x - tab.width;
  const after = rightToLeft ? box.x - tab.width : box.x + box.width;
  const above = box.y - tab.height;
  const onwards = rightToLeft ? -1 : 1;
  yield ["above", { x: start, y: above }];
  yield ["before", { x: before, y: box.y }];
  for (const down of along(box.height - tab.height)) yield ["before", { x: before, y: box.y + down }];
  for (const by of along(box.width - tab.width)) yield ["above", { x: start + onwards * by, y: above }];
  for (const by of [0, ...along(box.width - tab.width)])
    yield ["below", { x: start + onwards * by, y: box.y + box.height }];
  for (const down of [0, ...along(box.height - tab.height)]) yield ["after", { x: after, y: box.y + down }];
}

/** Distances along an edge that is so much longer than a tab. */
function along(room: number): number[] {
  return Array.from({ length: Math.max(0, Math.floor(room / STEP)) }, (_, i) => (i + 1) * STEP);
}

/** A tab, but for where the frame of the field that it stands at may be. */
function beyondFrame(field: Box, tab: Box): Box {
  const left = near(tab.x, field.x + field.width) ? tab.x + FRAME : tab.x;
  const top = near(tab.y, field.y + field.height) ? tab.y + FRAME : tab.y;
  const right = tab.x + tab.width - (near(tab.x + tab.width, field.x) ? FRAME : 0);
  const bottom = tab.y + tab.height - (near(tab.y + tab.height, field.y) ? FRAME : 0);
  return { x: left, y: top, width: right - left, height: bottom - top };
}

const near = (a: number, b: number) => Math.abs(a - b) < TOUCH;
const wider = ({ x, y, width, height }: Box, by: number): Box => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
});

/** What a tab within a field leaves before what is written there: a length of CSS. */
export function roomFor(place: TabPlace | undefined, number: string): string | undefined {
  return place?.edge === "within" ? `${tabSize(number, "small", lettersOnScreen()).width}px` : undefined;
}

/** The pixels of a letter's em, as whoever looks has set them. */
export function lettersOnScreen(): number {
  if (!("getComputedStyle" in globalThis)) return 16; // nobody looks: a test writes a sheet out
  return parseFloat(getComputedStyle(document.documentElement).fontSize) || 16;
}
