// The field kinds as a teacher meets them: an explicit list, in the order in which they are offered. svelte-check fails while one is missing. A screen loads those
// that it has; the editor all, since any may be laid.

import type { Component } from "svelte";
import type { Answer, Box, Document, Field, Fixture, Key, Schemas } from "../api/teacher";
import type { Point, Size } from "../canvas/box";
import type { PrintedPlaces } from "../canvas/repeat";
import type { Viewport } from "../canvas/viewport";
import type { Place } from "./form";
import type { Paragraph } from "../rich_text/paragraphs";
import type { Style } from "./look";
import { Registry } from "./registry";

export type Kind = Field["kind"];
export type FieldOf<K extends Kind> = Extract<Field, { kind: K }>;
export type KeyOf<K extends Kind> = Extract<Key, { kind: K }>;
export type AnswerOf<K extends Kind> = Extract<Answer, { kind: K }>;

/** A picture that the teacher chose; one that was cut out of a page is as large as it is printed. */
export type ChosenPicture = Schemas["PictureOut"] & { asPrinted?: boolean };

export interface FaceProps<K extends Kind> {
  field: FieldOf<K>;
  fieldKey: KeyOf<K> | undefined;
  /** The numbers of its parts, by their ids. */
  numbers: Readonly<Record<string, string>>;
  /** How it looks: as it does itself, or as is usual in its worksheet. */
  style: Style;
  scale: number;
}

export interface KeyFieldProps<K extends Kind> extends FaceProps<K> {
  /** Which of its places it is. */
  place: Place;
  label: string;
  onkey: (key: KeyOf<K> | null) => void;
}

export interface KeySettingsProps<K extends Kind> {
  field: FieldOf<K>;
  fieldKey: KeyOf<K>;
  numbers: Readonly<Record<string, string>>;
  /** How answers of the worksheet are read. */
  settings: Document["settings"];
  /** The fields before it that have a key, as they are numbered. */
  earlier: readonly { id: string; number: string; key: Key }[];
  onkey: (key: KeyOf<K>) => void;
}

export interface SettingsProps<K extends Kind> {
  field: FieldOf<K>;
  fieldKey: KeyOf<K> | undefined;
  numbers: Readonly<Record<string, string>>;
  /** Its page, in points. */
  page: Size;
  /** Whether presses on the page add to it, and what begins or ends that; undefined: several are in hand. */
  adding: { on: boolean; toggle: () => void } | undefined;
  /** What is printed on its page; undefined as long as that is not known. */
  printed: () => PrintedPlaces | undefined;
  /** Have the teacher choose a picture. */
  choosePicture: (then: (picture: ChosenPicture) => void) => void;
  /** Change the field that the settings were opened for, as it is then; `typing`: more of it may follow. */
  onchange: (change: (field: FieldOf<K>) => FieldOf<K>, typing?: boolean) => void;
  /** The same, with its key; undefined: several are in hand. */
  onboth:
    | ((
        change: (field: FieldOf<K>, key: KeyOf<K> | undefined) => [FieldOf<K>, KeyOf<K> | null],
        typing?: boolean,
      ) => void)
    | undefined;
}

/** What is taken hold of in a field that is in hand: parts of it that are moved by themselves. */
export interface HandlesProps<K extends Kind> {
  field: FieldOf<K>;
  view: Viewport;
  /** Show it so while it is moved; nothing: as it is. */
  onshow: (field: FieldOf<K> | undefined) => void;
  onfield: (field: FieldOf<K>) => void;
}

/** A page with all that a kind has on it besides its fields' boxes, while it is laid. */
export interface FilmLayerProps<K extends Kind> {
  page: Size & { id: string };
  scale: number;
  view: Viewport;
  fields: readonly FieldOf<K>[];
  /** How fields look in the worksheet, where they have no look of their own. */
  style: Style;
  /** What is printed there: what is laid again follows it. */
  printed: () => PrintedPlaces;
  /** The ids of the fields in hand. */
  selected: readonly string[];
  /** The number of the question at one of a field's places; empty: there is none. */
  numberAt: (field: FieldOf<K>, place: string) => string;
  onpick: (field: string) => void;
  onfield: (label: string, field: FieldOf<K>) => void;
}

/** A part that is looked at, with what is said of it. */
export interface ReviewedPart {
  id: string;
  number: string;
  label: string;
  mark: Schemas["MarkOut"] | undefined;
  selected: boolean;
}

export interface ReviewProps<K extends Kind> {
  field: FieldOf<K>;
  /** Which of its places it is. */
  place: Place;
  answer: AnswerOf<K> | undefined;
  style: Style;
  scale: number;
  /** Its parts, and what picks one, for a kind that shows their numbers and marks itself. */
  parts: readonly ReviewedPart[];
  onpick: (part: string) => void;
}

/** A page with all that a student answered on it in a kind. */
export interface ReviewLayerProps<K extends Kind> {
  page: { id: string; width: number; height: number };
  scale: number;
  /** How fields look in the worksheet, where they have no look of their own. */
  style: Style;
  fields: readonly FieldOf<K>[];
  /** By the field's id. */
  answers: ReadonlyMap<string, AnswerOf<K> | undefined>;
}

export interface TeacherKind<K extends Kind> {
  label: string;
  /** Whether the paper under the field is seen, also once it is answered. */
  clear: boolean;
  /** Whether its parts show their numbers and marks where they are, all in its one box. */
  numbersItself?: boolean;
  /** Whether answers of this kind may stand in any order of their group. */
  pools: boolean;
  /** Whether a key of this kind may have more right answers than one, so that another can be accepted. */
  acceptsMore?: boolean;
  /** A field of this kind in a box that was drawn, or of its usual size at a place that was pressed. */
  draw(id: string, page: string, box: Box): FieldOf<K>;
  usual: { width: number; height: number };
  /** The field as it is laid over fixtures of its page. */
  over?(field: FieldOf<K>, fixtures: readonly Fixture[]): FieldOf<K>;
  /** Its picture in the drawer. */
  Icon: Component;
  /** What lies in its box while it is placed. */
  Face: Component<FaceProps<K>>;
  /** Parts of it that are moved by themselves while it is in hand. */
  Handles?: Component<HandlesProps<K>>;
  /** What lies on pages beside its box, while it is laid. Presses go through it. */
  FilmLayer?: Component<FilmLayerProps<K>>;
  /** The field with one more part at a point that is pressed, in points of its page; `blank`: what is printed there. */
  added?(field: FieldOf<K>, at: Point, page: Size & { id: string }, blank?: Box): FieldOf<K>;
  /** Where its right answer is set, on the page itself. */
  KeyField: Component<KeyFieldProps<K>>;
  /** How answers are compared with its right one, on the slip of the key sheet. */
  KeySettings?: Component<KeySettingsProps<K>>;
  /** Its own settings on the slip. */
  Settings: Component<SettingsProps<K>>;
  /** What the student answered, on the page. */
  Review: Component<ReviewProps<K>>;
  /** The answer beside the pages, where its words do not say it. */
  Beside?: Component<{ answer: AnswerOf<K> }>;
  /** What was answered from place to place, over a whole page. */
  ReviewLayer?: Component<ReviewLayerProps<K>>;
  /** The key after the option at a place is pressed; undefined: there is no such option. */
  pickedKey?(field: FieldOf<K>, place: number, key: KeyOf<K> | undefined): KeyOf<K> | null | undefined;
  /** Whether one pick is all that a field asks for, so that the next field comes after it. */
  asksForOne?(field: FieldOf<K>): boolean;
  /** A key that was pasted, with what was settled of the key before it. */
  pasted?(key: KeyOf<K>, before: KeyOf<K> | undefined): KeyOf<K>;
  /** What was written at length: where it does not fit its box, it is printed on a page of its own. */
  paragraphs?(answer: AnswerOf<K>): readonly Paragraph[];
  /** A key and an answer in words. */
  keyInWords(key: KeyOf<K>, field: FieldOf<K>): string;
  /** What is right in a part, and what was answered to it, in words; for a kind that shows its parts itself. */
  partKeyInWords?(key: KeyOf<K>, part: string): string;
  partInWords?(answer: AnswerOf<K>, part: string): string;
  answerInWords(answer: AnswerOf<K>, field: FieldOf<K>): string;
}

export const KINDS = new Registry<{ [K in Kind]: TeacherKind<K> }>({
  answer_box: async () => (await import("./answer_box/teacher")).answerBox,
  choice: async () => (await import("./choice/teacher")).choice,
  free_note: async () => (await import("./free_note/teacher")).freeNote,
  gaps: async () => (await import("./gaps/teacher")).gaps,
  long_text: async () => (await import("./long_text/teacher")).longText,
  answer_table: async () => (await import("./answer_table/teacher")).answerTable,
  ink: async () => (await import("./ink/teacher")).ink,
  picture_box: async () => (await import("./picture_box/teacher")).pictureBox,
  sound_box: async () => (await import("./sound_box/teacher")).soundBox,
  pieces: async () => (await import("./pieces/teacher")).pieces,
  joins: async () => (await import("./joins/teacher")).joins,
  order: async () => (await import("./order/teacher")).order,
  plot: async () => (await import("./plot/teacher")).plot,
  tick_places: async () => (await import("./tick_places/teacher")).tickPlaces,
});

/** What a teacher begins with. */
export const USUAL_KIND: Kind = "answer_box";

/** The kind of a field, which its keys and answers are of too. */
export const kindOf = (field: Field): TeacherKind<Kind> =>
  KINDS.get(field.kind) as unknown as TeacherKind<Kind>;
