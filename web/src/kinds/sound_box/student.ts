import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords } from "./in_words";

export const soundBox: StudentKind<"sound_box"> = {
  label: "Sound box",
  clear: false,
  isBlank: (answer) => !answer?.sound,
  nothing: () => ({ kind: "sound_box", version: 1, sound: null }),
  withFile: (_, sound) => ({ kind: "sound_box", version: 1, sound }),
  inWords,
  Answering,
};
