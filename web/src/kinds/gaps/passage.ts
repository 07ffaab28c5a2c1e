// A passage, and what stands around its gaps.

import type { Schemas } from "../../api/student";

export type Stretch = Schemas["Stretch"];
export type Gap = Schemas["Gap"];

export const newGap = (id: string): Gap => ({ id, fill: "typed", options: [] });

/** How many words before and after a gap are said with it. */
const AROUND = 4;

/** What stands around a gap, for those who meet it alone. */
export function around(passage: readonly Stretch[], gap: string): { before: string; after: string } {
  const at = passage.findIndex((run) => run.gap === gap);
  const text = (runs: readonly Stretch[]) => runs.map((run) => (run.gap ? "…" : run.text)).join("");
  const before = text(passage.slice(0, at)).split(/\s+/).filter(Boolean).slice(-AROUND).join(" ");
  const after = text(passage.slice(at + 1))
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, AROUND)
    .join(" ");
  return { before, after };
}
