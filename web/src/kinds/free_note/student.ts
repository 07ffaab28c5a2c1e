import type { StudentKind } from "../student";
import Aid from "./Aid.svelte";
import Answering from "./Answering.svelte";
import { inWords, NOTHING, together } from "./notes";

export const freeNote: StudentKind<"free_note"> = {
  label: "Free notes",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.notes.length,
  nothing: () => NOTHING,
  together: (_, entries) => together(entries),
  setBack: (prompt, answer, page) =>
    prompt.page === page ? answer.notes.map(({ id }) => [id, NOTHING]) : [],
  inWords: (answer) => inWords(answer.notes),
  Answering,
  Aid,
  aids: () => true,
};
