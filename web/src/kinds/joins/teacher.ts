import type { Box } from "../../api/teacher";
import { newPointId, pointAdded } from "../points";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import DotHandles from "./DotHandles.svelte";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import { inWords, type Dot } from "./lines";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

/** Points from one printed line to the next, as most papers have it; and how far dots are from the rim of a box. */
const APART = 32;
const RIM = 9;
const MOST = 80;

/** Dots down both sides of a box. */
function twoColumns({ width, height }: Box): Dot[] {
  const count = Math.max(2, Math.min(12, Math.round(height / APART)));
  const x = RIM / width;
  return (["start", "end"] as const).flatMap((side) =>
    Array.from({ length: count }, (_, i) => ({
      id: newPointId(),
      x: side === "start" ? Math.min(0.4, x) : Math.max(0.6, 1 - x),
      y: (i + 0.5) / count,
      side,
      name: "",
    })),
  );
}

export const joins: TeacherKind<"joins"> = {
  label: "Join dots",
  clear: true,
  pools: false,
  usual: { width: 160, height: 96 },
  draw: (id: string, page: string, box: Box): FieldOf<"joins"> => ({
    kind: "joins",
    ...plain(id, page, box),
    dots: twoColumns(box),
    one_each: true,
    curved: false,
    coloured: false,
    part_marks: true,
  }),
  keyInWords: (key, field) => inWords(field.dots, key.lines),
  answerInWords: (answer, field) => inWords(field.dots, answer.lines),
  Icon,
  Face,
  Handles: DotHandles,
  added: (field, at, page) => {
    if (field.dots.length >= MOST) return field;
    const side = at.x < field.box.x + field.box.width / 2 ? ("start" as const) : ("end" as const);
    const all = pointAdded<Dot>({ box: field.box, points: field.dots }, { name: "", side }, at, page);
    return { ...field, box: all.box, dots: [...all.points] };
  },
  KeyField,
  Settings,
  Review,
};
