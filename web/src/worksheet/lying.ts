// What lies on the pages of a worksheet: fields on the film, fixtures on the paper below it.

import type { Document, Field, Fixture, Page } from "../api/teacher";
import { partsOf } from "../kinds/form";
import { fixtureName } from "../fixtures/form";
import { kindOf, KINDS } from "../kinds/teacher";
import { numbersOf } from "./numbering";

export type Placed = Field | Fixture;
export type Group = Document["groups"][number];

export function isField(placed: Placed): placed is Field {
  return KINDS.has(placed.kind);
}

/** Whether it stays where it is until the teacher unlocks it. */
export const isLocked = (placed: Placed): boolean => isField(placed) && placed.locked;

export const fieldOf = (document: Document, id: string): Field | undefined =>
  document.fields.find((field) => field.id === id);

export const fixtureOf = (document: Document, id: string): Fixture | undefined =>
  document.fixtures.find((fixture) => fixture.id === id);

export const pageOf = (document: Document, id: string): Page =>
  document.pages.find((page) => page.id === id) as Page;

/** Those of some ids: fixtures, the lowest first, then fields in reading order. */
export const lying = (document: Document, ids: readonly string[]): Placed[] =>
  [...document.fixtures, ...document.fields].filter(({ id }) => ids.includes(id));

/** What something that lies on a page is called: "Answer box 3". */
export function nameOf(document: Document, placed: Placed): string {
  if (!isField(placed)) return fixtureName(placed);
  return `${kindOf(placed).label} ${numbersOf(document.fields)[placed.id] ?? ""}`;
}

/** The group that a field is marked with. */
export const groupOf = (document: Document, field: Field): Group | undefined =>
  document.groups.find((group) => group.fields.includes(field.id));

/** What a field is worth, as far as points of a group are not spread over it. */
export function worthOf(document: Document, field: Field): number {
  const group = groupOf(document, field);
  if (group?.points != null) return group.points / group.fields.length;
  return partsOf(field).reduce((sum, part) => sum + part.points, 0);
}
