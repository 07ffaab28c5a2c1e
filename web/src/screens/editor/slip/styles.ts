// The looks that are ready to be taken.

import { USUAL, type Style } from "../../../kinds/look";

/** For young students, who have to see where to write; and for older ones, on lines that are printed. */
export const READY: readonly (readonly [string, Style])[] = [
  ["Bold and tinted", { ...USUAL, border: "bold", fill: "#ffe9b0" }],
  ["Plain", { ...USUAL, border: "below", fill: "none" }],
];
