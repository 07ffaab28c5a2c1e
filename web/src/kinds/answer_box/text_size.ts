// How large text is written in an answer box: as large as fits, where its style does not say it.

import { widthOf } from "../../ui/text_width";
import type { Style } from "../look";

interface Written {
  text: string;
  /** In points. */
  box: { width: number; height: number };
  lines: "one" | "several";
  style: Style;
}

/** Points of text: the least that is still read, the most that looks like writing, and a hand's size on several lines. */
const LEAST = 6;
const MOST = 40;
const HAND = 12;
/** The share of a low box that letters fill, so that it looks like writing on the line. */
const SHARE = 0.62;
/** Points that are left free beside the text, and lines of text a line takes. */
const MARGIN = 5;
const LEADING = 1.4;

/** Points of what is written at length, in a hand's size. */
export const handPoints = (style: Style): number => style.size ?? HAND;

/** Points of what is written in a box. `width` measures text in ems. */
export function textPoints({ text, box, lines, style }: Written, width = widthOf): number {
  if (style.size != null) return style.size;
  const room = Math.max(1, box.width - 2 * MARGIN);
  if (lines === "one") {
    const high = Math.min(MOST, Math.max(LEAST, box.height * SHARE));
    return Math.max(LEAST, Math.min(high, room / Math.max(width(text), 0.01)));
  }
  let size = HAND;
  while (size > LEAST && linesOf(text, room / size, width) * size * LEADING > box.height) size -= 0.5;
  return size;
}

/** How many lines text takes where one has room for so many ems. */
function linesOf(text: string, ems: number, width: (text: string) => number): number {
  // A word that does not fit goes to the next line: a tenth of each is left empty, as a rule.
  return text.split("\n").reduce((sum, line) => sum + Math.max(1, Math.ceil(width(line) / (0.9 * ems))), 0);
}
