import type { Box } from "../../api/teacher";
import { inWords, pickedByLetter } from "../picked";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import { bare, named } from "./option";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

/** Points that an option takes of a box that is drawn. */
const ROOM = 30;

export const choice: TeacherKind<"choice"> = {
  label: "Choice",
  clear: false,
  pools: false,
  usual: { width: 112, height: 26 },
  draw: (id: string, page: string, box: Box) => {
    const upright = box.height > box.width;
    const count = Math.round(Math.max(box.width, box.height) / ROOM);
    return {
      kind: "choice",
      ...plain(id, page, box),
      options: Array.from({ length: Math.max(2, Math.min(6, count)) }, bare),
      several: false,
      arrangement: upright ? "column" : "row",
      part_marks: true,
      sign: "ring",
    };
  },
  asksForOne: ({ several }) => !several,
  pickedKey: (field, place, key) => {
    const picked = pickedByLetter(key?.picked ?? [], place, field.options, field.several);
    return picked && (picked.length > 0 ? { kind: "choice", picked } : null);
  },
  keyInWords: (key, field) => inWords(key.picked, named(field.options)),
  answerInWords: (answer, field) => inWords(answer.picked, named(field.options)),
  Icon,
  Face,
  KeyField,
  Settings,
  Review,
};
