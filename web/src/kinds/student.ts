// The field kinds as a student meets them: an explicit list. svelte-check fails while one is missing.

import type { Component } from "svelte";
import type { Answer, Prompt } from "../api/student";
import { answerBox } from "./answer_box/student";
import { choice } from "./choice/student";
import { tickPlaces } from "./tick_places/student";

type Kind = Prompt["kind"];
export type PromptOf<K extends Kind> = Extract<Prompt, { kind: K }>;
export type AnswerOf<K extends Kind> = Extract<Answer, { kind: K }>;

export interface AnsweringProps<K extends Kind> {
  prompt: PromptOf<K>;
  answer: AnswerOf<K> | undefined;
  scale: number;
  label: string;
  docked?: boolean;
  readonly?: boolean;
  describedby?: string;
  onanswer: (answer: AnswerOf<K>) => void;
  onfocus: () => void;
}

export interface ShownProps<K extends Kind> {
  prompt: PromptOf<K>;
  answer: AnswerOf<K> | undefined;
}

export interface StudentKind<K extends Kind> {
  label: string;
  /** Whether the paper under the field is seen, also once it is answered. */
  clear: boolean;
  isBlank(answer: AnswerOf<K> | undefined): boolean;
  inWords(answer: AnswerOf<K>, prompt: PromptOf<K>): string;
  /** Where the student answers: on the page, or `docked` beside it, larger. */
  Answering: Component<AnsweringProps<K>>;
  /** The answer on the page while it is given in the dock; without it, its words are shown. */
  Shown?: Component<ShownProps<K>>;
}

export const KINDS: { [K in Kind]: StudentKind<K> } = {
  answer_box: answerBox,
  choice,
  tick_places: tickPlaces,
};

/** The kind of a prompt, which its answers are of too. */
export const kindOf = (prompt: Prompt): StudentKind<Kind> =>
  KINDS[prompt.kind] as unknown as StudentKind<Kind>;
