// Notes on a page, by their names. Pure.

import type { Entry, Schemas } from "../../api/student";
import { clamp, type Box, type Point } from "../../canvas/box";
import type { AnswerOf } from "../student";

export type Note = Schemas["Note"];
export type Named = AnswerOf<"free_note">["notes"][number];

/** As many as a student may lay. */
export const MOST = 40;

/** A note that is not there, or not any more. */
export const NOTHING: Note = {
  kind: "free_note",
  version: 1,
  x: 0,
  y: 0,
  width: 140,
  colour: "yellow",
  text: "",
};

/** Points of a note's least height: all of it stays where it can be reached. */
const LEAST_HIGH = 24;

/** A note at a place, brought into the area where notes may lie. */
export const laidAt = (note: Note, { x, y }: Point, area: Box): Note => ({
  ...note,
  x: clamp(x, area.x, area.x + area.width - note.width),
  y: clamp(y, area.y, area.y + area.height - LEAST_HIGH),
});

/** Where a note is laid with the keyboard: below the lowest one, or at the top again. */
export function freePlace(notes: readonly Named[], area: Box): Point {
  const lowest = Math.max(area.y, ...notes.map(({ note }) => note.y + 2 * LEAST_HIGH));
  return { x: area.x + 8, y: lowest > area.y + area.height - LEAST_HIGH ? area.y + 8 : lowest };
}

/** The answer that entries make. */
export const together = (entries: ReadonlyMap<string, Entry>): AnswerOf<"free_note"> => ({
  kind: "free_note",
  version: 1,
  notes: [...(entries as ReadonlyMap<string, Note>)].flatMap(([id, note]) =>
    note.text.trim() ? [{ id, note }] : [],
  ),
});

export const inWords = (notes: readonly Named[]): string => notes.map(({ note }) => note.text).join("; ");
