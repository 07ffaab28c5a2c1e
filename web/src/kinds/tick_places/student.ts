import { inWords } from "../picked";
import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import Shown from "./Shown.svelte";

export const tickPlaces: StudentKind<"tick_places"> = {
  label: "Tick places",
  clear: true,
  isBlank: (answer) => !answer?.picked.length,
  nothing: () => ({ kind: "tick_places", version: 2, picked: [] }),
  inWords: (answer, prompt) =>
    inWords(
      answer.picked,
      prompt.spots.map(({ id, name }) => ({ id, words: name })),
    ),
  Answering,
  Shown,
};
