import { inWords } from "../picked";
import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import Shown from "./Shown.svelte";

export const tickPlaces: StudentKind<"tick_places"> = {
  label: "Tick places",
  clear: true,
  isBlank: (answer) => !answer?.picked.length,
  inWords: (answer, prompt) =>
    inWords(
      answer.picked,
      prompt.spots.map(({ id, name }) => ({ id, words: name })),
    ),
  Answering,
  Shown,
};
