import type { Box } from "../../api/teacher";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import { pieceNamed } from "./board";
import Face from "./Face.svelte";
import FilmLayer from "./FilmLayer.svelte";
import Icon from "./Icon.svelte";
import { called } from "./in_hand.svelte";
import KeyField from "./KeyField.svelte";
import KeySettings from "./KeySettings.svelte";
import { pieceOf } from "./lines";
import Review from "./Review.svelte";
import ReviewLayer from "./ReviewLayer.svelte";
import Settings from "./Settings.svelte";
import { slotAdded } from "./slots";

/** Pieces that a teacher begins with, to be written over. */
const FIRST = ["first", "second", "third"];

export const pieces: TeacherKind<"pieces"> = {
  label: "Pieces",
  clear: true,
  pools: false,
  usual: { width: 300, height: 44 },
  draw: (id: string, page: string, box: Box): FieldOf<"pieces"> => ({
    kind: "pieces",
    ...plain(id, page, box),
    pieces: FIRST.map((words) => pieceOf(words)),
    slots: [],
    settled: {},
    tray: "page",
    shuffled: true,
    together: false,
    counted: "each",
    part_marks: true,
    wrong_counts: false,
    order_counts: false,
  }),
  keyInWords: (key, field) =>
    (key.arrangements[0] ?? [])
      .flatMap(({ pieces }) => pieces)
      .flatMap((id) => field.pieces.find((piece) => piece.id === id) ?? [])
      .map(called)
      .join(", "),
  answerInWords: (answer, field) =>
    answer.moves
      .flatMap(({ piece: name, laid }) => (laid.slot ? (pieceNamed(field.pieces, name) ?? []) : []))
      .map(called)
      .join(", "),
  Icon,
  Face,
  FilmLayer,
  added: (field, at, page, blank) => slotAdded(field, page.id, at, page, blank),
  KeyField,
  KeySettings,
  Settings,
  Review,
  ReviewLayer,
};
