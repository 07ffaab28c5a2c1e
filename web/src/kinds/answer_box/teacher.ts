import type { Box } from "../../api/teacher";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import KeySettings from "./KeySettings.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

/** Points of height from which a box that is drawn is meant for several lines. */
const SEVERAL_FROM = 40;

export const answerBox: TeacherKind<"answer_box"> = {
  label: "Answer box",
  clear: false,
  pools: true,
  acceptsMore: true,
  // How answers are compared stays, and what else counts as right.
  pasted: (key, before) => (before ? { ...before, text: key.text } : key),
  usual: { width: 120, height: 22 },
  draw: (id: string, page: string, box: Box) => ({
    kind: "answer_box",
    ...plain(id, page, box),
    signs: "none",
    placeholder: "",
    lines: box.height >= SEVERAL_FROM ? "several" : "one",
  }),
  keyInWords: (key) => key.text,
  answerInWords: (answer) => answer.text,
  Icon,
  Face,
  KeyField,
  KeySettings,
  Settings,
  Review,
};
