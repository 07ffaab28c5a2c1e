// What the browser knows of a field's form: its parts, and where it lies. Pure, so that edits can be predicted without it
// being shown. Most kinds are one part at one place; a kind that is not says so in its folder's form.ts.

import type { Box, Field } from "../api/teacher";
import { turned, type Size } from "../canvas/box";
import { answerTable } from "./answer_table/form";
import { gaps } from "./gaps/form";
import { joins } from "./joins/form";
import { order } from "./order/form";
import { pieces } from "./pieces/form";
import { plot } from "./plot/form";
import { tickPlaces } from "./tick_places/form";

type Kind = Field["kind"];
export type FieldOf<K extends Kind> = Extract<Field, { kind: K }>;
export type QuarterTurn = 90 | 180 | 270;

/** Where something lies, or one of its places: on which page, in points. The first has no id. */
export interface Place {
  id: string;
  page: string;
  box: Box;
}

/** What is numbered and marked by itself. A field that is one part has one without an id. */
export interface Part {
  id: string;
  points: number;
  number: string;
  name: string;
  hint: string;
  /** Which of its field's places it lies at. */
  place: string;
}

export interface Form<K extends Kind> {
  places(field: FieldOf<K>): Place[];
  parts(field: FieldOf<K>): Part[];
  /** The field with each of its places elsewhere on its page. */
  moved(field: FieldOf<K>, move: (place: Place) => Box): FieldOf<K>;
  /** The field after a page of this size was turned. */
  turned(field: FieldOf<K>, page: string, by: QuarterTurn, size: Size): FieldOf<K>;
}

const one: Form<Kind> = {
  places: ({ page, box }) => [{ id: "", page, box }],
  parts: ({ points, number, name, hint }) => [{ id: "", points, number, name, hint, place: "" }],
  moved: (field, move) => ({ ...field, box: move({ id: "", page: field.page, box: field.box }) }),
  turned: (field, page, by, size) =>
    formOf(field).moved(field, (place) => (place.page === page ? turned(place.box, by, size) : place.box)),
};

/** What of each kind's form is not as usual. */
const UNUSUAL: { [K in Kind]?: Partial<Form<K>> } = {
  answer_table: answerTable,
  gaps,
  joins,
  order,
  pieces,
  plot,
  tick_places: tickPlaces,
};

/** The form of a field. */
export const formOf = (field: Field): Form<Kind> => ({
  ...one,
  ...(UNUSUAL[field.kind] as Partial<Form<Kind>>),
});

/** Where a field lies; its first place is the one that it is read at. */
export const placesOf = (field: Field): Place[] => formOf(field).places(field);

export const partsOf = (field: Field): Part[] => formOf(field).parts(field);

export const liesOn = (field: Field, page: string): boolean =>
  placesOf(field).some((place) => place.page === page);

/** Names a part of a worksheet: its field, and its id there. */
export interface PartRef {
  field_id: string;
  part: string;
}

/** A name that lists and maps can be keyed by. */
export const refName = ({ field_id, part }: PartRef): string => (part ? `${field_id}/${part}` : field_id);
