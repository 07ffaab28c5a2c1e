// What was settled about parts that are questions of their own.

import type { Schemas } from "../api/teacher";
import type { Part } from "./form";

export type Settled = Schemas["Settled"];

export const PLAIN: Settled = { points: 1, number: "", hint: "" };

/** A field after something was settled about one of its parts. */
export const withSettled = <F extends { settled: Readonly<Record<string, Settled>> }>(
  field: F,
  part: string,
  settled: Settled,
): F => ({ ...field, settled: { ...field.settled, [part]: settled } });

/** Parts of these ids and names, as they were settled; `placed`: each lies at a place of its own. */
export const settledParts = (
  parts: readonly { id: string; name?: string }[],
  settled: Readonly<Record<string, Settled>>,
  placed = false,
): Part[] =>
  parts.map(({ id, name = "" }) => ({ id, name, ...PLAIN, ...settled[id], place: placed ? id : "" }));
