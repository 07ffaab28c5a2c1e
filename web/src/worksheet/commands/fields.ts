// Fields: laid, changed, laid again, taken away, marked together; and their keys.

import type { Box, Document, Edit, Field, Key, Page } from "../../api/teacher";
import { moved, rounded } from "../../canvas/box";
import { formOf } from "../../kinds/form";
import { KINDS } from "../../kinds/teacher";
import { unlessEmpty, type Command } from "../command";
import { withoutFields } from "../edits";
import { newId } from "../ids";
import { fieldOf, isField, lying, nameOf, pageOf, type Group } from "../lying";
import { following, numbersOf, wholeOf } from "../numbering";
import { plural } from "../../words/say";

const ALPHABET = "abcdefghijklmnopqrstuvwxyz";

/** A box brought onto its page. */
export const inside = (box: Box, page: Page): Box =>
  rounded(moved({ ...box, width: Math.min(box.width, page.width) }, { x: 0, y: 0 }, page));

/** Lay a field in a box that was drawn, or at a place that was pressed. */
export function layField(kind: Field["kind"], page: Page, box: Box): Command {
  const field: Field = KINDS.get(kind).draw(newId(), page.id, inside(box, page));
  return { label: `${KINDS.get(kind).label} laid`, edits: [{ op: "place", field }], select: [field.id] };
}

/** Lay the fields that were proposed for what was found on pages: one step, however many. */
export const takeFound = (fields: readonly Field[]): Command | undefined =>
  unlessEmpty({
    label: plural(fields.length, ["# place taken", "# places taken"]),
    edits: fields.map((field) => ({ op: "place", field })),
    select: fields.length === 1 ? fields.map(({ id }) => id) : [],
  });

/** Add places that are not wanted to those that were refused on their pages. */
export const refuseFound = (
  places: readonly { page: Page; refused: readonly Box[] }[],
): Command | undefined =>
  unlessEmpty({
    label: plural(
      places.reduce((count, { refused }) => count + refused.length, 0),
      ["# place refused", "# places refused"],
    ),
    edits: places
      .filter(({ refused }) => refused.length > 0)
      .map(({ page, refused }) => ({
        op: "refuse_found",
        page_id: page.id,
        refused: [...page.refused, ...refused],
      })),
  });

export const changeFields = (label: string, fields: readonly Field[]): Command | undefined =>
  unlessEmpty({ label, edits: fields.map((field) => ({ op: "change", field })) });

/** Change one field by its id, wherever the selection has gone since; `typing` is sent when it pauses. */
export function changeField(
  document: Document,
  id: string,
  label: string,
  change: (field: Field) => Field,
  typing = false,
): Command | undefined {
  const field = fieldOf(document, id);
  if (!field) return undefined;
  return { label, edits: [{ op: "change", field: change(field) }], joins: `${label} ${id}`, typing };
}

/** Take away what lies on pages. */
export function removeAll(document: Document, ids: readonly string[]): Command | undefined {
  const gone = lying(document, ids);
  const [first] = gone;
  const label =
    first && gone.length === 1
      ? `Removed: ${nameOf(document, first)}`
      : plural(gone.length, ["# removed", "# removed"]);
  const edits = gone.map((placed): Edit =>
    isField(placed) ? { op: "remove", field_id: placed.id } : { op: "remove_fixture", fixture_id: placed.id },
  );
  return unlessEmpty({ label, edits, select: [] });
}

/** Lay copies below, without their keys and numbers. */
export function layAgain(document: Document, ids: readonly string[]): Command | undefined {
  const copies = lying(document, ids).map((placed) => {
    const by = { x: 0, y: placed.box.height + 8 };
    const box = rounded(moved(placed.box, by, pageOf(document, placed.page)));
    if (!isField(placed)) return { ...placed, id: newId(), box };
    const below = formOf(placed).moved(placed, (place) =>
      place.id ? rounded(moved(place.box, by, pageOf(document, place.page))) : box,
    );
    return { ...below, id: newId(), number: "" };
  });
  const edits = copies.map((placed): Edit =>
    isField(placed) ? { op: "place", field: placed } : { op: "lay_fixture", fixture: placed, layer: null },
  );
  return unlessEmpty({ label: "Laid again", edits, select: copies.map(({ id }) => id) });
}

/** Number fields as the parts of one question; the next after them goes on with the next number. */
export function numberAsParts(document: Document, fields: readonly Field[]): Command | undefined {
  const parts = document.fields.filter((field) => fields.includes(field));
  const [first, last] = [parts[0], parts.at(-1)];
  if (!first || !last) return undefined;
  const whole = wholeOf(numbersOf(document.fields)[first.id] ?? "");
  const after = document.fields[document.fields.indexOf(last) + 1];
  const changed: Field[] = parts.map((field, i) => ({ ...field, number: whole + ALPHABET[i % 26] }));
  if (after && !after.number) changed.push({ ...after, number: following(whole) });
  return changeFields("Numbered as parts", changed);
}

/** Mark fields together; they leave the groups they were in. */
export function markTogether(document: Document, fields: readonly Field[]): Command {
  const ids = fields.map(({ id }) => id);
  const plain = { any_order: false, all_or_nothing: false, points: null };
  const others = withoutFields(document.groups, ids);
  return setGroups("Marked together", [...others, { ...plain, id: newId(), fields: ids }]);
}

export const changeGroup = (document: Document, group: Group): Command =>
  setGroups(
    "Group changed",
    document.groups.map((other) => (other.id === group.id ? group : other)),
  );

export const markOneByOne = (document: Document, { fields }: Group): Command =>
  setGroups("Marked one by one", withoutFields(document.groups, fields));

const setGroups = (label: string, groups: Group[]): Command => ({
  label,
  edits: [{ op: "set_groups", groups }],
});

export function setKey(document: Document, id: string, key: Key | null): Command | undefined {
  const field = fieldOf(document, id);
  if (!field) return undefined;
  const edit: Edit = { op: "set_key", field_id: id, key };
  return { label: `Key of ${nameOf(document, field)}`, edits: [edit], joins: `key ${id}`, typing: true };
}
