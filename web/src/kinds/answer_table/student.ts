import type { StudentKind } from "../student";
import { inWords, isBlank, textIn, together } from "../written_parts";
import Answering from "./Answering.svelte";
import { inOrder } from "./grid";

export const answerTable: StudentKind<"answer_table"> = {
  label: "Answer table",
  clear: true,
  direct: true,
  numbersItself: true,
  isBlank,
  nothing: () => ({ kind: "answer_table", version: 1, text: "" }),
  saidIn: textIn,
  together: (prompt, entries) => ({
    kind: "answer_table",
    version: 1,
    texts: together(inOrder(prompt.cells), entries),
  }),
  inWords,
  Answering,
};
