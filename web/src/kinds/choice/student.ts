import { inWords } from "../picked";
import type { StudentKind } from "../student";
import { named } from "./option";
import Answering from "./Answering.svelte";

export const choice: StudentKind<"choice"> = {
  label: "Choice",
  clear: false,
  isBlank: (answer) => !answer?.picked.length,
  nothing: () => ({ kind: "choice", version: 2, picked: [] }),
  inWords: (answer, prompt) => inWords(answer.picked, named(prompt.options)),
  Answering,
};
