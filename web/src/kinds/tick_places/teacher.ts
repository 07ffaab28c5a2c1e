import type { Box } from "../../api/teacher";
import { inWords, pickedByLetter } from "../picked";
import { plain } from "../plain";
import type { TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import { inALine } from "./in_a_line";
import KeyField from "./KeyField.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";
import SpotHandles from "./SpotHandles.svelte";
import { MOST, spotAdded } from "./spots";

/** Points from one printed option to the next, as most papers have it. */
const APART = 28;

export const tickPlaces: TeacherKind<"tick_places"> = {
  label: "Tick places",
  clear: true,
  pools: false,
  usual: { width: 14, height: 70 },
  draw: (id: string, page: string, box: Box) => {
    const count = Math.round(Math.max(box.width, box.height) / APART);
    return {
      kind: "tick_places",
      ...plain(id, page, box),
      sign: "tick",
      spots: inALine(box, Math.max(1, Math.min(6, count))),
      several: false,
      part_marks: true,
    };
  },
  asksForOne: ({ several }) => !several,
  pickedKey: (field, place, key) => {
    const picked = pickedByLetter(key?.picked ?? [], place, field.spots, field.several);
    return picked && (picked.length > 0 ? { kind: "tick_places", picked } : null);
  },
  keyInWords: (key, field) =>
    inWords(
      key.picked,
      field.spots.map(({ id, name }) => ({ id, words: name })),
    ),
  answerInWords: (answer, field) =>
    inWords(
      answer.picked,
      field.spots.map(({ id, name }) => ({ id, words: name })),
    ),
  Icon,
  Face,
  Handles: SpotHandles,
  added: (field, at, page) => (field.spots.length < MOST ? spotAdded(field, at, page) : field),
  KeyField,
  Settings,
  Review,
};
