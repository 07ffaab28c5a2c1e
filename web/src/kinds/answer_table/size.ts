// How large is written in a cell: as an answer box of its height is, where the style does not say it.

import { textPoints } from "../answer_box/text_size";
import type { Style } from "../look";

interface Lying {
  box: { width: number; height: number };
}

/** Pixels of the letters in a cell of so much of the table's height. */
export const cellSize =
  ({ box }: Lying, style: Style, scale: number, least = 0) =>
  (height: number): number =>
    Math.max(
      least,
      scale *
        Math.min(
          14,
          textPoints({ text: "", box: { ...box, height: box.height * height }, lines: "one", style }),
        ),
    );
