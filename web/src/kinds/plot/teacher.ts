import type { Box, Fixture } from "../../api/teacher";
import { overlaps, shareOver } from "../../canvas/box";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import KeySettings from "./KeySettings.svelte";
import KnownHandles from "./KnownHandles.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";
import { onGrid } from "./on_grid";
import { inWords } from "./words";

/** The grid that is laid under a box, if one is. */
function gridUnder(box: Box, fixtures: readonly Fixture[]) {
  const under = fixtures.filter((fixture) => fixture.kind === "grid" && overlaps(fixture.box, box));
  return under.toSorted((a, b) => shareOver(b.box, box) - shareOver(a.box, box))[0];
}

export const plot: TeacherKind<"plot"> = {
  label: "Points on a scale",
  clear: true,
  pools: false,
  usual: { width: 320, height: 36 },
  draw: (id: string, page: string, box: Box): FieldOf<"plot"> => ({
    kind: "plot",
    ...plain(id, page, box),
    across: {
      first: { x: 0.05, y: 0.5, value: 0 },
      last: { x: 0.95, y: 0.5, value: 10 },
      step: 1,
    },
    up: null,
    asked: "points",
    most: 1,
    lettered: false,
    part_marks: true,
    read_out: true,
  }),
  over: (field, fixtures) => {
    const grid = gridUnder(field.box, fixtures);
    return grid?.kind === "grid" ? onGrid(field, grid) : field;
  },
  keyInWords: (key, field) => inWords(key, field.asked === "line"),
  answerInWords: (answer, field) => inWords(answer, field.asked === "line"),
  Icon,
  Face,
  Handles: KnownHandles,
  KeyField,
  KeySettings,
  Settings,
  Review,
};
