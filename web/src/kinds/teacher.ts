// The field kinds as a teacher meets them: an explicit list. svelte-check fails while one is missing.

import type { Component } from "svelte";
import type { Answer, Box, Field, Key, Schemas } from "../api/teacher";
import { answerBox } from "./answer_box/teacher";
import { choice } from "./choice/teacher";
import { tickPlaces } from "./tick_places/teacher";

type Kind = Field["kind"];
export type FieldOf<K extends Kind> = Extract<Field, { kind: K }>;
export type KeyOf<K extends Kind> = Extract<Key, { kind: K }>;
export type AnswerOf<K extends Kind> = Extract<Answer, { kind: K }>;

export interface FaceProps<K extends Kind> {
  field: FieldOf<K>;
  fieldKey: KeyOf<K> | undefined;
  scale: number;
}

export interface KeyFieldProps<K extends Kind> extends FaceProps<K> {
  label: string;
  onkey: (key: KeyOf<K> | null) => void;
}

export interface KeySettingsProps<K extends Kind> {
  field: FieldOf<K>;
  fieldKey: KeyOf<K>;
  /** The worksheet's sign before decimals. */
  decimal: "." | ",";
  onkey: (key: KeyOf<K>) => void;
}

export interface SettingsProps<K extends Kind> {
  field: FieldOf<K>;
  /** Have the teacher choose a picture. */
  choosePicture: (then: (picture: Schemas["PictureOut"]) => void) => void;
  /** Change the field that the settings were opened for, as it is then; `typing`: more of it may follow. */
  onchange: (change: (field: FieldOf<K>) => FieldOf<K>, typing?: boolean) => void;
}

export interface ReviewProps<K extends Kind> {
  field: FieldOf<K>;
  answer: AnswerOf<K> | undefined;
  scale: number;
}

export interface TeacherKind<K extends Kind> {
  label: string;
  /** Whether the paper under the field is seen, also once it is answered. */
  clear: boolean;
  /** Whether answers of this kind may stand in any order of their group. */
  pools: boolean;
  /** A field of this kind in a box that was drawn, or of its usual size at a place that was pressed. */
  draw(id: string, page: string, box: Box): FieldOf<K>;
  usual: { width: number; height: number };
  /** Its picture in the drawer. */
  Icon: Component;
  /** What lies in its box while it is placed. */
  Face: Component<FaceProps<K>>;
  /** Where its right answer is set, on the page itself. */
  KeyField: Component<KeyFieldProps<K>>;
  /** How answers are compared with its right one, on the slip of the key sheet. */
  KeySettings?: Component<KeySettingsProps<K>>;
  /** Its own settings on the slip. */
  Settings: Component<SettingsProps<K>>;
  /** What the student answered, on the page. */
  Review: Component<ReviewProps<K>>;
  /** The key after the option at a place is pressed; undefined: there is no such option. */
  pickedKey?(field: FieldOf<K>, place: number, key: KeyOf<K> | undefined): KeyOf<K> | null | undefined;
  /** A key and an answer in words. */
  keyInWords(key: KeyOf<K>, field: FieldOf<K>): string;
  answerInWords(answer: AnswerOf<K>, field: FieldOf<K>): string;
}

export const KINDS: { [K in Kind]: TeacherKind<K> } = {
  answer_box: answerBox,
  choice,
  tick_places: tickPlaces,
};

/** The kind of a field, which its keys and answers are of too. */
export const kindOf = (field: Field): TeacherKind<Kind> => KINDS[field.kind] as unknown as TeacherKind<Kind>;
