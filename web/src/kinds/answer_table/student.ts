import { textsOf } from "../gaps/passage";
import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inOrder } from "./grid";

export const answerTable: StudentKind<"answer_table"> = {
  label: "Answer table",
  clear: true,
  direct: true,
  numbersItself: true,
  isBlank: (answer, part) => {
    const texts = textsOf(answer);
    return part ? !texts.get(part)?.trim() : ![...texts.values()].some((text) => text.trim());
  },
  saidIn: (answer, part) => textsOf(answer).get(part) ?? "",
  together: (prompt, entries) => ({
    kind: "answer_table",
    version: 1,
    texts: inOrder(prompt.cells).flatMap(({ id }) => {
      const entry = entries.get(id);
      return entry && "text" in entry ? [[id, entry.text]] : [];
    }),
  }),
  inWords: (answer) => [...textsOf(answer).values()].filter(Boolean).join(", "),
  Answering,
};
