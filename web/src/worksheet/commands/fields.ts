// Fields: laid, changed, laid again, taken away, marked together; and their keys.

import type { Box, Document, Edit, Field, Fixture, Key, Page } from "../../api/teacher";
import { moved, rounded } from "../../canvas/box";
import { KINDS, kindOf } from "../../kinds/teacher";
import { unlessEmpty, type Command } from "../command";
import { withoutFields } from "../edits";
import { newId } from "../ids";
import { fieldOf, isField, isLocked, lying, nameOf, type Group } from "../lying";
import { following, numbersOf, wholeOf } from "../numbering";
import { plural } from "../../words/say";

const ALPHABET = "abcdefghijklmnopqrstuvwxyz";

/** A box brought onto its page. */
export const inside = (box: Box, page: Page): Box =>
  rounded(moved({ ...box, width: Math.min(box.width, page.width) }, { x: 0, y: 0 }, page));

/** Lay a field in a box that was drawn, or at a place that was pressed, over the fixtures of its page. */
export function layField(
  kind: Field["kind"],
  page: Page,
  box: Box,
  fixtures: readonly Fixture[] = [],
): Command {
  const drawn: Field = KINDS.get(kind).draw(newId(), page.id, inside(box, page));
  const under = fixtures.filter((fixture) => fixture.page === page.id);
  const field = kindOf(drawn).over?.(drawn, under) ?? drawn;
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

/** Change fields by their ids, wherever the selection has gone since; `typing` is sent when it pauses. */
export function changeSome(
  document: Document,
  ids: readonly string[],
  label: string,
  change: (field: Field) => Field,
  typing = false,
): Command | undefined {
  const fields = document.fields.filter(({ id }) => ids.includes(id));
  const edits = fields.map((field): Edit => ({ op: "change", field: change(field) }));
  return unlessEmpty({ label, edits, joins: `${label} ${ids.join()}`, typing });
}

/** Change a field and its key, in one step to undo. */
export function changeWithKey(
  document: Document,
  id: string,
  label: string,
  change: (field: Field, key: Key | undefined) => [Field, Key | null],
  typing = false,
): Command | undefined {
  const before = document.fields.find((field) => field.id === id);
  if (!before) return undefined;
  const [field, key] = change(before, document.keys[id]);
  const edits: Edit[] = [{ op: "change", field }];
  if (JSON.stringify(key) !== JSON.stringify(document.keys[id] ?? null))
    edits.push({ op: "set_key", field_id: id, key });
  return { label, edits, joins: `${label} ${id}`, typing };
}

/** Lock fields where they are, or unlock them if all of them are locked. */
export function lock(document: Document, ids: readonly string[]): Command | undefined {
  const fields = document.fields.filter(({ id }) => ids.includes(id));
  const locked = fields.every((field) => field.locked);
  return changeFields(
    locked ? "Unlocked" : "Locked",
    fields.map((field) => ({ ...field, locked: !locked })),
  );
}

/** Points by which the sides of fields that are alike may differ. */
const ALIKE = 1;

/** All fields of the kind of one, or those that have its size too. */
export function selectLike(document: Document, one: Field, by: "kind" | "size"): string[] {
  const alike = ({ kind, box }: Field) =>
    kind === one.kind &&
    (by === "kind" ||
      (Math.abs(box.width - one.box.width) <= ALIKE && Math.abs(box.height - one.box.height) <= ALIKE));
  return document.fields.filter(alike).map(({ id }) => id);
}

const isWorkingFor = (field: Field, placed: readonly { id: string }[]): boolean =>
  placed.some(({ id }) => id === field.working_for);

/** Take away what lies on pages. */
export function removeAll(document: Document, ids: readonly string[]): Command | undefined {
  const named = lying(document, ids).filter((placed) => !isLocked(placed));
  // Working-out goes with what it is for.
  const gone = [
    ...named,
    ...document.fields.filter((field) => !named.includes(field) && isWorkingFor(field, named)),
  ];
  const [first] = named;
  const label =
    first && named.length === 1
      ? `Removed: ${nameOf(document, first)}`
      : plural(named.length, ["# removed", "# removed"]);
  const edits = gone.map((placed): Edit =>
    isField(placed) ? { op: "remove", field_id: placed.id } : { op: "remove_fixture", fixture_id: placed.id },
  );
  return unlessEmpty({ label, edits, select: [] });
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

/** Set a key. What is typed on the sheet is one step to undo, and what is settled about it beside the sheet another. */
export function setKey(
  document: Document,
  id: string,
  key: Key | null,
  where: "sheet" | "slip" = "sheet",
): Command | undefined {
  const field = fieldOf(document, id);
  if (!field) return undefined;
  const edit: Edit = { op: "set_key", field_id: id, key };
  return {
    label: `Key of ${nameOf(document, field)}`,
    edits: [edit],
    joins: `key ${id} ${where}`,
    typing: true,
  };
}
