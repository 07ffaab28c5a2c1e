import type { Box } from "../../api/teacher";
import NoKey from "../NoKey.svelte";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import { inWords } from "./in_words";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

export const pictureBox: TeacherKind<"picture_box"> = {
  label: "Picture box",
  clear: false,
  pools: false,
  usual: { width: 200, height: 150 },
  draw: (id: string, page: string, box: Box) => ({ kind: "picture_box", ...plain(id, page, box) }),
  keyInWords: () => "",
  answerInWords: inWords,
  Icon,
  Face,
  KeyField: NoKey,
  Settings,
  Review,
};
