// How large a passage is written: as large as fits, where its style does not say it.

import { textPoints } from "../answer_box/text_size";
import type { Style } from "../look";
import type { Stretch } from "./passage";

/** How much higher a line with gaps is than one of a hand, and what is as wide as a gap. */
const HIGHER = 1.95 / 1.4;
const AS_WIDE = "mmmmmmmm";

/** Points of the letters of a passage in a box. */
export function passagePoints(
  { passage, box }: { passage: readonly Stretch[]; box: { width: number; height: number } },
  style: Style,
): number {
  const text = passage.map((run) => (run.gap ? AS_WIDE : run.text)).join("");
  return Math.max(
    8,
    textPoints({ text, box: { ...box, height: box.height / HIGHER }, lines: "several", style }),
  );
}
