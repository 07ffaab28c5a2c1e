import type { StudentKind } from "../student";
import { inWords, isBlank, textIn, together } from "../written_parts";
import Answering from "./Answering.svelte";

export const gaps: StudentKind<"gaps"> = {
  label: "Gap text",
  clear: false,
  direct: true,
  numbersItself: true,
  isBlank,
  nothing: () => ({ kind: "gaps", version: 1, text: "" }),
  saidIn: textIn,
  together: (prompt, entries) => ({ kind: "gaps", version: 1, texts: together(prompt.gaps, entries) }),
  inWords,
  Answering,
};
