import type { Box } from "../../api/teacher";
import { newPointId, pointAdded } from "../points";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";
import StepHandles from "./StepHandles.svelte";
import { inWords, type Step } from "./steps";

/** Points from one printed line to the next, as most papers have it. */
const APART = 32;
const MOST = 40;

/** Places along the longer side of a box. */
function inALine({ width, height }: Box): Step[] {
  const count = Math.max(2, Math.min(12, Math.round(Math.max(width, height) / APART)));
  const share = (i: number) => (i + 0.5) / count;
  return Array.from({ length: count }, (_, i) => ({
    id: newPointId(),
    x: width > height ? share(i) : 0.5,
    y: width > height ? 0.5 : share(i),
    name: "",
  }));
}

export const order: TeacherKind<"order"> = {
  label: "Put in order",
  clear: true,
  pools: false,
  usual: { width: 24, height: 120 },
  draw: (id: string, page: string, box: Box): FieldOf<"order"> => ({
    kind: "order",
    ...plain(id, page, box),
    steps: inALine(box),
    counted: "pairs",
  }),
  keyInWords: (key, field) => inWords(field.steps, key.sequence),
  answerInWords: (answer, field) => inWords(field.steps, answer.sequence),
  Icon,
  Face,
  Handles: StepHandles,
  added: (field, at, page) => {
    if (field.steps.length >= MOST) return field;
    const all = pointAdded<Step>({ box: field.box, points: field.steps }, { name: "" }, at, page);
    return { ...field, box: all.box, steps: [...all.points] };
  },
  KeyField,
  Settings,
  Review,
};
