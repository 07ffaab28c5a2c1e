import type { Box } from "../../api/teacher";
import NoKey from "../NoKey.svelte";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Heard from "./Heard.svelte";
import Icon from "./Icon.svelte";
import { inWords } from "./in_words";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

export const soundBox: TeacherKind<"sound_box"> = {
  label: "Sound box",
  clear: false,
  pools: false,
  usual: { width: 260, height: 44 },
  draw: (id: string, page: string, box: Box) => ({
    kind: "sound_box",
    ...plain(id, page, box),
    most_seconds: 60,
  }),
  keyInWords: () => "",
  answerInWords: inWords,
  Icon,
  Face,
  KeyField: NoKey,
  Settings,
  Review,
  Beside: Heard,
};
