// How large text is written in an answer box, so that it looks like writing on the line.

/** Points of text in a box of some height in points: two thirds of a low box, and a hand's size in a high one. */
export function textPoints(height: number, lines: "one" | "several"): number {
  return lines === "several" ? 12 : Math.min(14, Math.max(6, height * 0.62));
}
