import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inkInWords } from "./in_words";
import { isThere, NOTHING, type Stroke } from "./strokes";
import Tools from "./Tools.svelte";

export const ink: StudentKind<"ink"> = {
  label: "Ink",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer?.strokes.length,
  nothing: () => NOTHING,
  together: (_, entries) => ({
    kind: "ink",
    version: 1,
    strokes: [...(entries as ReadonlyMap<string, Stroke>)].flatMap(([id, stroke]) =>
      isThere(stroke) ? [{ id, stroke }] : [],
    ),
  }),
  inWords: (answer) => inkInWords(answer.strokes),
  Answering,
  Aid: Tools,
  aids: () => true,
};
