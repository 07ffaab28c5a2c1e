// Laying again what lies on pages: copies without names, numbers and keys of their own.

import type { Document, Edit, Page } from "../../api/teacher";
import { moved, rounded, type Point } from "../../canvas/box";
import { nextTo, type PrintedPlaces } from "../../canvas/repeat";
import { formOf } from "../../kinds/form";
import { plural } from "../../words/say";
import { unlessEmpty, type Command } from "../command";
import { newId } from "../ids";
import { isField, lying, pageOf, type Placed } from "../lying";
import { ofTheCopies } from "./working_out";

/** Lay copies of some at each of these distances from them. What is in hand afterwards are `others` and the copies. */
export function repeat(
  document: Document,
  all: readonly Placed[],
  offsets: readonly Point[],
  others: readonly string[] = [],
): Command | undefined {
  const copies = offsets.flatMap((by) =>
    ofTheCopies(all.map((placed) => ({ from: placed.id, placed: copyAt(document, placed, by) }))),
  );
  return unlessEmpty({
    label: plural(copies.length, ["# laid again", "# laid again"]),
    edits: copies.map(laying),
    select: [...others, ...copies.map(({ id }) => id)],
  });
}

/** Lay some once more, below or beside them, as far away as what is printed there tells; the copies are in hand. */
export function layAgain(
  document: Document,
  ids: readonly string[],
  axis: "x" | "y",
  printed: (page: Page) => PrintedPlaces,
): Command | undefined {
  const all = lying(document, ids);
  const pages = [...new Set(all.map(({ page }) => page))].map((id) => pageOf(document, id));
  const made = pages.flatMap((page) => {
    const here = all.filter((placed) => placed.page === page.id);
    const boxes = here.map(({ box }) => box);
    const { units, offset } = nextTo(boxes, axis, printed(page), page);
    return units.flatMap((unit) =>
      here[unit] ? [{ from: here[unit].id, placed: copyAt(document, here[unit], offset) }] : [],
    );
  });
  const copies = ofTheCopies(made);
  return unlessEmpty({ label: "Laid again", edits: copies.map(laying), select: copies.map(({ id }) => id) });
}

/** What lays something on its page. */
export const laying = (placed: Placed): Edit =>
  isField(placed) ? { op: "place", field: placed } : { op: "lay_fixture", fixture: placed, layer: null };

function copyAt(document: Document, placed: Placed, by: Point): Placed {
  const box = rounded(moved(placed.box, by, pageOf(document, placed.page)));
  if (!isField(placed)) return { ...placed, id: newId(), box };
  const there = formOf(placed).moved(placed, (place) =>
    place.id ? rounded(moved(place.box, by, pageOf(document, place.page))) : box,
  );
  return { ...there, id: newId(), number: "", name: "" };
}
