import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords } from "./steps";

export const order: StudentKind<"order"> = {
  label: "Put in order",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.sequence.length,
  nothing: () => ({ kind: "order", version: 1, sequence: [] }),
  setBack: (prompt, { sequence }, page) =>
    prompt.page === page && sequence.length > 0 ? [["", { kind: "order", version: 1, sequence: [] }]] : [],
  inWords: (answer, prompt) => inWords(prompt.steps, answer.sequence),
  Answering,
};
