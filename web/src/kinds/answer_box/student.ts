import type { StudentKind } from "../student";
import Aid from "./Palette.svelte";
import Answering from "./Answering.svelte";

export const answerBox: StudentKind<"answer_box"> = {
  label: "Answer box",
  clear: false,
  isBlank: (answer) => !answer?.text.trim(),
  nothing: () => ({ kind: "answer_box", version: 1, text: "" }),
  inWords: (answer) => answer.text,
  Answering,
  Aid,
  aids: ({ signs }) => signs !== "none",
};
