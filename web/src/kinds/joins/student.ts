import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords, together } from "./lines";

export const joins: StudentKind<"joins"> = {
  label: "Join dots",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.lines.length,
  together: (prompt, entries) => ({
    kind: "joins",
    version: 1,
    lines: together(prompt, entries as unknown as ReadonlyMap<string, { drawn: boolean }>),
  }),
  inWords: (answer, prompt) => inWords(prompt.dots, answer.lines),
  Answering,
};
