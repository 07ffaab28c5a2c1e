// A kind that no release has: its fields reach over a page, and it uses what the sheet offers to kinds.

import type { StudentKind } from "../../../kinds/student";
import Answering from "./MadeUpAnswering.svelte";
import Layer from "./MadeUpLayer.svelte";

/** The compiler knows the kinds of the release alone: this one goes by the name of one of them. */
export const madeUp: StudentKind<"answer_box"> = {
  label: "Made up",
  clear: false,
  isBlank: (answer) => !answer,
  nothing: () => ({ kind: "answer_box", version: 1, text: "" }),
  inWords: ({ text }) => text,
  places: ({ page, box }) => [
    { id: "", page, box },
    { id: "over", page: "page2", box },
  ],
  Answering,
  Layer,
};
