// Ink in words: how much there is, and what is typed in it.

import { plural } from "../../words/say";
import type { Named } from "./strokes";

export function inkInWords(strokes: readonly Named[]): string {
  const notes = strokes.flatMap(({ stroke: { tool, text } }) => (tool === "note" ? [text] : []));
  const lines = strokes.length - notes.length;
  return [...(lines > 0 ? [plural(lines, ["# stroke", "# strokes"])] : []), ...notes].join("; ");
}
