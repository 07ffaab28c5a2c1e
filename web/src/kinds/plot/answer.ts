// An answer as what is set, and the other way round.

import type { AnswerOf } from "../student";
import { NOTHING, type Plotted } from "./plotted";

export const setOf = (answer: Plotted | undefined): Plotted => answer ?? NOTHING;

export const answerOf = ({ placed, intervals }: Plotted): AnswerOf<"plot"> => ({
  kind: "plot",
  version: 1,
  placed: [...placed],
  intervals: [...intervals],
});
