import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords, lineName, together } from "./lines";

export const joins: StudentKind<"joins"> = {
  label: "Join dots",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.lines.length,
  nothing: () => ({ kind: "joins", version: 1, drawn: false }),
  together: (prompt, entries) => ({
    kind: "joins",
    version: 1,
    lines: together(prompt, entries as unknown as ReadonlyMap<string, { drawn: boolean }>),
  }),
  setBack: (prompt, { lines }, page) =>
    prompt.page === page
      ? lines.map((line) => [lineName(prompt.dots, line), { kind: "joins", version: 1, drawn: false }])
      : [],
  inWords: (answer, prompt) => inWords(prompt.dots, answer.lines),
  Answering,
};
