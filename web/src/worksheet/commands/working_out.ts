// Places for working-out: fields that belong to another, and are numbered with it.

import type { Document, Field } from "../../api/teacher";
import { KINDS } from "../../kinds/teacher";
import type { Command } from "../command";
import { newId } from "../ids";
import { fieldOf, pageOf } from "../lying";
import { inside } from "./fields";

/** How large a place is at least, and how far below the answer, in points. */
const LEAST = { width: 180, height: 90 };
const BELOW = 6;

/** The places for the working-out of a field. */
export const workingOf = (document: Document, { id }: Field): Field[] =>
  document.fields.filter((field) => field.working_for === id);

/** Lay a place for working-out by hand below a field; it is not marked until the teacher wants it. */
export function addWorking(document: Document, { id, page, box }: Field, name: string): Command {
  const place = { ...box, y: box.y + box.height + BELOW, ...LEAST, width: Math.max(LEAST.width, box.width) };
  const field: Field = {
    ...KINDS.get("ink").draw(newId(), page, inside(place, pageOf(document, page))),
    points: 0,
    name,
    working_for: id,
  };
  return { label: "Working-out laid", edits: [{ op: "place", field }], select: [field.id] };
}

/** Copies with the working-out of what was copied with it; without that, it is a question of its own. */
export function ofTheCopies<Placed extends { id: string }>(
  copies: readonly { from: string; placed: Placed }[],
): Placed[] {
  const ids = new Map(copies.map(({ from, placed }) => [from, placed.id]));
  return copies.map(({ placed }) => {
    const whose = (placed as { working_for?: string | null }).working_for;
    return whose == null ? placed : { ...placed, working_for: ids.get(whose) ?? null };
  });
}

/** The field as a question of its own. */
export function asQuestion(document: Document, id: string): Command | undefined {
  const field = fieldOf(document, id);
  return (
    field && {
      label: "A question of its own",
      edits: [{ op: "change", field: { ...field, working_for: null } }],
    }
  );
}
