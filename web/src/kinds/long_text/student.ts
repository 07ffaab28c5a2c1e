import type { StudentKind } from "../student";
import Aid from "./Aid.svelte";
import Answering from "./Answering.svelte";
import Shown from "./Shown.svelte";
import { lettersOf } from "../../rich_text/paragraphs";

export const longText: StudentKind<"long_text"> = {
  label: "Long text",
  clear: false,
  isBlank: (answer) => !answer || !lettersOf(answer.paragraphs).trim(),
  nothing: () => ({ kind: "long_text", version: 1, paragraphs: [] }),
  paragraphs: (answer) => answer.paragraphs,
  inWords: (answer) => lettersOf(answer.paragraphs),
  Answering,
  Shown,
  Aid,
  aids: () => true,
};
