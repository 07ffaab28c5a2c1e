import type { Box } from "../../api/teacher";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import { keyInWords } from "./keys";
import KeySettings from "./KeySettings.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";
import { lettersOf } from "../../rich_text/paragraphs";

export const longText: TeacherKind<"long_text"> = {
  label: "Long text",
  clear: false,
  pools: false,
  usual: { width: 400, height: 160 },
  draw: (id: string, page: string, box: Box) => ({
    kind: "long_text",
    ...plain(id, page, box),
    formatted: true,
    spelling: "",
    least_words: null,
    most_words: null,
  }),
  paragraphs: (answer) => answer.paragraphs,
  keyInWords: (key) => keyInWords(key),
  answerInWords: (answer) => lettersOf(answer.paragraphs),
  Icon,
  Face,
  KeyField,
  KeySettings,
  Settings,
  Review,
};
