// One question at a time, on a small screen: what of a page is shown of it, and how large.

import type { Box, Size } from "../../canvas/box";

/** Points of paper that are seen beside a question, and above and below it. */
const BESIDE = 14;
const ABOVE = 36;
/** CSS pixels for a point: the smallest in which a page can be made out, and the largest that is of use. */
const LEAST = 0.62;
const MOST = 2.2;

/** The part of a page that is shown: a question with what is printed about it, and some paper around. */
export function cropOf(boxes: readonly Box[], page: Size): Box {
  const x = Math.max(0, Math.min(...boxes.map((box) => box.x)) - BESIDE);
  const y = Math.max(0, Math.min(...boxes.map((box) => box.y)) - ABOVE);
  const right = Math.min(page.width, Math.max(...boxes.map((box) => box.x + box.width)) + BESIDE);
  const bottom = Math.min(page.height, Math.max(...boxes.map((box) => box.y + box.height)) + ABOVE);
  return { x, y, width: Math.max(1, right - x), height: Math.max(1, bottom - y) };
}

/** How large it is shown, in CSS pixels for a point: all of it, if it can be made out then. */
export const scaleOf = (crop: Box, view: Size): number =>
  Math.max(LEAST, Math.min(MOST, view.width / crop.width, view.height / crop.height));
