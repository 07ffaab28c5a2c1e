// The field kinds as a student meets them: an explicit list. svelte-check fails while one is missing. A sheet loads those
// that it has.

import type { Component } from "svelte";
import type { Answer, Checked, Entry, Prompt } from "../api/student";
import type { Paragraph } from "../rich_text/paragraphs";
import { Registry } from "./registry";

export type Kind = Prompt["kind"];
export type PromptOf<K extends Kind> = Extract<Prompt, { kind: K }>;
export type AnswerOf<K extends Kind> = Extract<Answer, { kind: K }>;

/** One of the places where a field lies; the first has no id. */
export interface Place {
  id: string;
  page: string;
  box: Prompt["box"];
}

export interface AnsweringProps<K extends Kind> {
  prompt: PromptOf<K>;
  /** Which of its places it is; in the dock, that of the part in hand. */
  place: Place;
  answer: AnswerOf<K> | undefined;
  scale: number;
  label: string;
  docked?: boolean;
  /** Whether there is a dock too, in which more of it is shown. */
  beside?: boolean;
  readonly?: boolean;
  /** The part in hand, if it is one of this prompt's. */
  part?: string | undefined;
  /** What was said of its parts, by their ids, where they show it themselves. */
  verdicts?: Readonly<Record<string, Checked>>;
  describedby?: string;
  onanswer: (answer: AnswerOf<K>) => void;
  /** Change an entry of an answer that is kept entry by entry. */
  onentry: (name: string, entry: Entry) => void;
  /** A part of it has the focus; none is said of a field that is one part. */
  onfocus: (part?: string) => void;
}

export interface ShownProps<K extends Kind> {
  prompt: PromptOf<K>;
  answer: AnswerOf<K> | undefined;
}

export interface AidProps<K extends Kind> {
  prompt: PromptOf<K>;
  /** Where the question in hand is answered, on the page or in the dock. */
  answering: HTMLElement;
}

/** A page with all that a kind has on it. */
export interface LayerProps<K extends Kind> {
  page: { id: string; width: number; height: number };
  scale: number;
  prompts: readonly PromptOf<K>[];
  docked: boolean;
  readonly: boolean;
  /** Change an answer, or an entry of one that is kept entry by entry. */
  onanswer: (prompt: PromptOf<K>, answer: AnswerOf<K>) => void;
  onentry: (prompt: PromptOf<K>, name: string, entry: Entry) => void;
}

export interface StudentKind<K extends Kind> {
  label: string;
  /** Whether the paper under the field is seen, also once it is answered. */
  clear: boolean;
  /** Whether it is answered on the page itself, also where there is a dock: the dock then holds what is put there. */
  direct?: boolean;
  /** Whether its parts show their numbers and verdicts where they are, all in its one box. */
  numbersItself?: boolean;
  /** Whether nothing is answered to a part. */
  isBlank(answer: AnswerOf<K> | undefined, part: string): boolean;
  /** What stands for an answer, or for an entry of it, that was taken away again. */
  nothing(entry: string): Entry;
  /** What of an answer a part's verdict is about; without it, all of it. */
  saidIn?(answer: AnswerOf<K> | undefined, part: string): unknown;
  /** Where it lies, when that is more than one place. */
  places?(prompt: PromptOf<K>): Place[];
  /** The answer that entries make, for a kind that is kept entry by entry. */
  together?(prompt: PromptOf<K>, entries: ReadonlyMap<string, Entry>): AnswerOf<K>;
  /** The entries by which what was moved on a page is as it was at first. */
  setBack?(prompt: PromptOf<K>, answer: AnswerOf<K>, page: string): [name: string, entry: Entry][];
  /** The answer that speaks of a file that was sent. */
  withFile?(answer: AnswerOf<K> | undefined, file: string): AnswerOf<K>;
  /** What was written at length: where it does not fit its box, it is printed on a page of its own. */
  paragraphs?(answer: AnswerOf<K>): readonly Paragraph[];
  inWords(answer: AnswerOf<K>, prompt: PromptOf<K>): string;
  /** Where the student answers: on the page, or `docked` beside it, larger. */
  Answering: Component<AnsweringProps<K>>;
  /** The answer on the page while it is given in the dock; without it, its words are shown. */
  Shown?: Component<ShownProps<K>>;
  /** What helps to answer: stands beside the question in hand, never over the page. */
  Aid?: Component<AidProps<K>>;
  /** Whether the aid helps with a prompt. */
  aids?(prompt: PromptOf<K>): boolean;
  /** Lies over each page on which the kind lies, for what reaches from place to place. Presses go through it. */
  Layer?: Component<LayerProps<K>>;
}

export const KINDS = new Registry<{ [K in Kind]: StudentKind<K> }>({
  answer_box: async () => (await import("./answer_box/student")).answerBox,
  choice: async () => (await import("./choice/student")).choice,
  free_note: async () => (await import("./free_note/student")).freeNote,
  gaps: async () => (await import("./gaps/student")).gaps,
  long_text: async () => (await import("./long_text/student")).longText,
  answer_table: async () => (await import("./answer_table/student")).answerTable,
  ink: async () => (await import("./ink/student")).ink,
  picture_box: async () => (await import("./picture_box/student")).pictureBox,
  sound_box: async () => (await import("./sound_box/student")).soundBox,
  pieces: async () => (await import("./pieces/student")).pieces,
  joins: async () => (await import("./joins/student")).joins,
  order: async () => (await import("./order/student")).order,
  plot: async () => (await import("./plot/student")).plot,
  tick_places: async () => (await import("./tick_places/student")).tickPlaces,
});

/** The kind of a prompt, which its answers are of too. */
export const kindOf = (prompt: Prompt): StudentKind<Kind> =>
  KINDS.get(prompt.kind) as unknown as StudentKind<Kind>;

/** The numbers of what is asked at a place of a prompt, to be shown there. */
export const numbersAt = (prompt: Prompt, place: Place): string =>
  kindOf(prompt).numbersItself
    ? ""
    : prompt.parts.flatMap((part) => (part.place === place.id ? [part.number] : [])).join(", ");

/** Where a prompt lies. */
export const placesOf = (prompt: Prompt): Place[] =>
  kindOf(prompt).places?.(prompt) ?? [{ id: "", page: prompt.page, box: prompt.box }];
