import type { Box } from "../../api/teacher";
import NoKey from "../NoKey.svelte";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import { inWords } from "./notes";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

export const freeNote: TeacherKind<"free_note"> = {
  label: "Free notes",
  clear: true,
  pools: false,
  usual: { width: 300, height: 160 },
  draw: (id: string, page: string, box: Box) => ({
    kind: "free_note",
    ...plain(id, page, box),
    points: 0,
    whole_page: false,
  }),
  keyInWords: () => "",
  answerInWords: (answer) => inWords(answer.notes),
  Icon,
  Face,
  KeyField: NoKey,
  Settings,
  Review,
};
