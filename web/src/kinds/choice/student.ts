import { inWords } from "../picked";
import type { StudentKind } from "../student";
import { wordsOf } from "./option";
import Answering from "./Answering.svelte";

export const choice: StudentKind<"choice"> = {
  label: "Choice",
  clear: false,
  isBlank: (answer) => !answer?.picked.length,
  inWords: (answer, prompt) => inWords(answer.picked, wordsOf(prompt.options)),
  Answering,
};
