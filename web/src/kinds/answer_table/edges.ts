// Edges of a field's rows and columns, moved by points of the page.

import type { FieldOf } from "../teacher";
import { edgeMoved } from "./grid";

export type Side = "columns" | "rows";

/** The field with one of its edges so many points farther to the right, or down. */
export function moved(
  field: FieldOf<"answer_table">,
  side: Side,
  index: number,
  points: number,
): FieldOf<"answer_table"> {
  const whole = side === "columns" ? field.box.width : field.box.height;
  const edges = field[side];
  return { ...field, [side]: edgeMoved(edges, index, (edges[index] ?? 0) + points / whole) };
}
