import type { AnswerOf } from "../student";

export const inWords = ({ sound }: AnswerOf<"sound_box">): string =>
  sound ? /* @wc-include */ "a recording" : "";
