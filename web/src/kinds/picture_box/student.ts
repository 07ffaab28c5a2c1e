import type { StudentKind } from "../student";
import Answering from "./Answering.svelte";
import { inWords } from "./in_words";
import Tools from "./Tools.svelte";
import { NOTHING } from "./view";

export const pictureBox: StudentKind<"picture_box"> = {
  label: "Picture box",
  clear: false,
  direct: true,
  isBlank: (answer) => !answer?.picture,
  nothing: () => NOTHING,
  withFile: (answer, picture) => ({ ...NOTHING, says: answer?.says ?? "", picture }),
  inWords,
  Answering,
  Aid: Tools,
  aids: () => true,
};
