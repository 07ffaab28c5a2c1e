// What was found on a page, taken otherwise than it is proposed: words to tick as a choice, several lines as one box or one by
// one.

import type { Field } from "../../../api/teacher";
import { around, type Box } from "../../../canvas/box";
import type { FieldOf } from "../../../kinds/form";
import { bare } from "../../../kinds/choice/option";
import { KINDS } from "../../../kinds/teacher";
import { newId } from "../../../worksheet/ids";

export interface Otherwise {
  label: string;
  /** The proposals that it is instead of, and the fields that are laid. */
  instead: readonly Field[];
  fields: readonly Field[];
}

/** Points by which lines that belong together may be out of line, and what of their height may lie between two. */
const TREMBLE = 6;
const BETWEEN = 1.5;

/** How else a proposal can be taken. `all` are those of its page, `rules` the ruled lines printed there. */
export function otherwise(field: Field, all: readonly Field[], rules: readonly Box[]): Otherwise[] {
  if (field.kind === "tick_places") return asChoice(field);
  if (field.kind !== "answer_box") return [];
  if (field.lines === "several") {
    const lines = lineByLine(field, rules);
    return [
      ...(lines.length > 1 ? [{ label: "Line by line", instead: [field], fields: lines }] : []),
      { label: "As one line", instead: [field], fields: [{ ...field, lines: "one" }] },
    ];
  }
  const together = below(field, all);
  return [
    ...(together.length > 1
      ? [
          {
            label: "With the lines below, as one box",
            instead: together,
            fields: [{ ...field, box: around(together.map(({ box }) => box)), lines: "several" as const }],
          },
        ]
      : []),
    { label: "For several lines", instead: [field], fields: [{ ...field, lines: "several" }] },
  ];
}

/** A choice in the place of what is printed: its options have the printed words. */
function asChoice(field: FieldOf<"tick_places">): Otherwise[] {
  const { box, spots } = field;
  if (spots.length < 2) return [];
  const choice = KINDS.get("choice").draw(newId(), field.page, box) as FieldOf<"choice">;
  const options = spots.map(({ name }) => ({ ...bare(), text: name }));
  const [first, second] = spots;
  const across = Math.abs((second?.x ?? 0) - (first?.x ?? 0)) * box.width;
  const down = Math.abs((second?.y ?? 0) - (first?.y ?? 0)) * box.height;
  const own = { number: field.number, name: field.name, points: field.points };
  const as = (arrangement: "row" | "column" | "list") => ({ ...choice, ...own, options, arrangement });
  return [
    { label: "As a choice", instead: [field], fields: [as(across > down ? "row" : "column")] },
    { label: "As a list to choose from", instead: [field], fields: [as("list")] },
  ];
}

/** One box for each of the ruled lines in a box. */
function lineByLine(field: FieldOf<"answer_box">, rules: readonly Box[]): Field[] {
  const { box } = field;
  const bottoms = rules
    .filter(({ x, y, width }) => {
      const within = Math.min(x + width, box.x + box.width) - Math.max(x, box.x);
      return y > box.y + TREMBLE && y <= box.y + box.height + TREMBLE && within > 0.6 * box.width;
    })
    .map(({ y }) => y);
  return bottoms.map((bottom, i) => {
    const top = bottoms[i - 1] ?? box.y;
    const line = { ...box, y: top, height: bottom - top };
    return {
      ...field,
      id: i === 0 ? field.id : newId(),
      box: line,
      lines: "one",
      number: i === 0 ? field.number : "",
    };
  });
}

/** A line and those that follow close below it, as wide. */
function below(field: FieldOf<"answer_box">, all: readonly Field[]): Field[] {
  const together: Field[] = [field];
  for (const other of [...all].sort((a, b) => a.box.y - b.box.y)) {
    const last = together.at(-1)?.box as Box;
    const { x, y, width } = other.box;
    const follows = y > last.y + TREMBLE && y - (last.y + last.height) < BETWEEN * last.height;
    const alike = Math.abs(x - last.x) < TREMBLE && Math.abs(width - last.width) < TREMBLE;
    if (other.kind === "answer_box" && other.id !== field.id && follows && alike) together.push(other);
  }
  return together;
}
