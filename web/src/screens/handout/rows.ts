// The rows of the results, and those of them that are others now.

import type { Schemas } from "../../api/teacher";

type Row = Schemas["CopyRow"];

/** Rows with others in their place, and those that are new; in this order of their ids, where it is another now. */
export function withRows(
  rows: readonly Row[],
  others: readonly Row[],
  order: readonly string[] | null,
): Row[] {
  const all = new Map(rows.map((row) => [row.id, row]));
  for (const row of others) all.set(row.id, row);
  if (!order) return [...all.values()];
  const places = new Map(order.map((id, place) => [id, place]));
  const placeOf = ({ id }: Row) => places.get(id) ?? order.length;
  return [...all.values()].sort((one, other) => placeOf(one) - placeOf(other));
}
