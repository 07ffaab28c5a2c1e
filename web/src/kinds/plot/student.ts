import type { StudentKind } from "../student";
import Aid from "./Aid.svelte";
import Answering from "./Answering.svelte";
import { answerOf } from "./answer";
import { isEmpty, NOTHING } from "./plotted";
import { inWords } from "./words";

export const plot: StudentKind<"plot"> = {
  label: "Points on a scale",
  clear: true,
  direct: true,
  isBlank: (answer) => !answer || isEmpty(answer),
  nothing: () => answerOf(NOTHING),
  setBack: (prompt, answer, page) =>
    prompt.page === page && !isEmpty(answer) ? [["", answerOf(NOTHING)]] : [],
  inWords: (answer, prompt) => inWords(answer, prompt.asked === "line"),
  Answering,
  Aid,
  aids: () => true,
};
