import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { textsOf } from "./passage";

export const gaps: StudentKind<"gaps"> = {
  label: "Gap text",
  clear: false,
  direct: true,
  numbersItself: true,
  isBlank: (answer, part) => {
    const texts = textsOf(answer);
    return part ? !texts.get(part)?.trim() : ![...texts.values()].some((text) => text.trim());
  },
  saidIn: (answer, part) => textsOf(answer).get(part) ?? "",
  together: (prompt, entries) => ({
    kind: "gaps",
    version: 1,
    texts: prompt.gaps.flatMap(({ id }) => {
      const entry = entries.get(id);
      return entry && "text" in entry ? [[id, entry.text]] : [];
    }),
  }),
  inWords: (answer) => [...textsOf(answer).values()].filter(Boolean).join(", "),
  Answering,
};
