// Keys of what is typed: in an answer box, in a gap, in a cell.

import type { Schemas } from "../api/teacher";

export type PartRight = Schemas["PartRight"];

/** What is right in a part of which only the words are known. */
export const rightOf = (part: string, [text = "", ...also]: readonly string[]): PartRight => ({
  part,
  text,
  also,
  partly: [],
  refused: [],
  comparison: null,
});

/** What is right in parts after something was typed as right in one. */
export const typedRight = (before: readonly PartRight[], part: string, text: string): PartRight[] =>
  withRight(before, part, (was) =>
    text.trim() ? (was ? { ...was, text } : rightOf(part, [text])) : undefined,
  );

/** What is right in parts after it was said of one. */
export function withRight(
  before: readonly PartRight[],
  part: string,
  change: (was: PartRight | undefined) => PartRight | undefined,
): PartRight[] {
  const now = change(before.find((right) => right.part === part));
  return [...before.filter((right) => right.part !== part), ...(now ? [now] : [])];
}
