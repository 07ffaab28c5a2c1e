import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords } from "./steps";

export const order: StudentKind<"order"> = {
  label: "Put in order",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.sequence.length,
  inWords: (answer, prompt) => inWords(prompt.steps, answer.sequence),
  Answering,
};
