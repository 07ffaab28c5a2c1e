import type { Box } from "../../api/teacher";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import { inkInWords } from "./in_words";
import NoKey from "../NoKey.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

export const ink: TeacherKind<"ink"> = {
  label: "Ink",
  clear: true,
  pools: false,
  usual: { width: 300, height: 160 },
  draw: (id: string, page: string, box: Box) => ({ kind: "ink", ...plain(id, page, box), whole_page: false }),
  keyInWords: () => "",
  answerInWords: (answer) => inkInWords(answer.strokes),
  Icon,
  Face,
  KeyField: NoKey,
  Settings,
  Review,
};
