// Moving what lies on pages, and making it larger or smaller.

import type { Box, Document, Edit } from "../../api/teacher";
import { around, moved, resized, rounded, sameBox, type Point } from "../../canvas/box";
import { formOf } from "../../kinds/form";
import { unlessEmpty, type Command } from "../command";
import { isField, isLocked, lying, pageOf, type Placed } from "../lying";

/** Put what lies on pages where a gesture or a key has brought it. */
export function putAt(
  document: Document,
  label: string,
  boxes: ReadonlyMap<string, Box>,
  joins?: string,
): Command | undefined {
  const free = lying(document, [...boxes.keys()]).filter((placed) => !isLocked(placed));
  const edits = free.flatMap((placed): Edit[] => {
    const box = rounded(boxes.get(placed.id) ?? placed.box);
    if (sameBox(box, placed.box)) return [];
    // Only its first place: what has more says where they are.
    if (isField(placed))
      return [{ op: "change", field: formOf(placed).moved(placed, (place) => (place.id ? place.box : box)) }];
    return [{ op: "change_fixture", fixture: { ...placed, box } }];
  });
  return unlessEmpty({ label, edits, ...(joins ? { joins } : {}) });
}

/** Move some together; they stop where the first of them meets the edge of its page. */
export function nudge(document: Document, ids: readonly string[], by: Point): Command | undefined {
  const all = lying(document, ids).filter((placed) => !isLocked(placed));
  const step = all.reduce((step, { box, page }) => {
    const to = moved(box, step, pageOf(document, page));
    return { x: to.x - box.x, y: to.y - box.y };
  }, by);
  const boxes = new Map(all.map(({ id, box, page }) => [id, moved(box, step, pageOf(document, page))]));
  return putAt(document, "Moved", boxes, `nudge ${ids.join()}`);
}

/** Make some larger or smaller by their lower right corners. */
export function stretch(document: Document, ids: readonly string[], by: Point): Command | undefined {
  const boxes = new Map(
    lying(document, ids).map(({ id, box, page }) => [id, resized(box, "se", by, pageOf(document, page))]),
  );
  return putAt(document, "Size changed", boxes, `resize ${ids.join()}`);
}

/** Where some lie while they are carried together by so much: all on their page. */
export function carried(
  all: readonly Placed[],
  by: Point,
  page: Document["pages"][number],
): Map<string, Box> {
  const whole = around(all.map(({ box }) => box));
  const to = moved(whole, by, page);
  const step = { x: to.x - whole.x, y: to.y - whole.y };
  return new Map(all.map(({ id, box }) => [id, { ...box, x: box.x + step.x, y: box.y + step.y }]));
}
