// Where students find their names written already.

import type { Box, Document, Edit } from "../../api/teacher";
import { unlessEmpty, type Command } from "../command";
import { newId } from "../ids";

const INK = "#16324a";

export const fillsNames = (document: Document): boolean =>
  document.fixtures.some(({ kind }) => kind === "student_name");

/** Have the student's name written where pages ask for it, or no longer anywhere. */
export function fillNames(
  document: Document,
  places: readonly { page: string; box: Box }[],
): Command | undefined {
  const there = document.fixtures.filter(({ kind }) => kind === "student_name");
  const off = there.map(({ id }): Edit => ({ op: "remove_fixture", fixture_id: id }));
  const on = places.map(({ page, box }): Edit => ({
    op: "lay_fixture",
    fixture: { kind: "student_name", id: newId(), page, box, colour: INK },
    layer: null,
  }));
  return there.length > 0
    ? { label: "Names are written by hand", edits: off }
    : unlessEmpty({ label: "Names are filled in", edits: on });
}
