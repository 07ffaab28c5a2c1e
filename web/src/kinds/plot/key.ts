// A key as what is set, and the other way round.

import type { KeyOf } from "../teacher";
import { isEmpty, NOTHING, type Plotted } from "./plotted";

export const keySet = (key: KeyOf<"plot"> | undefined): Plotted =>
  key ? { placed: key.placed, intervals: key.intervals } : NOTHING;

/** The key by which this is right; nothing is set: there is none. */
export const keyOf = (set: Plotted, before: KeyOf<"plot"> | undefined): KeyOf<"plot"> | null =>
  isEmpty(set)
    ? null
    : { kind: "plot", placed: [...set.placed], intervals: [...set.intervals], off: before?.off ?? 0 };
