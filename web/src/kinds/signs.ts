// What may be put where a student presses, and the letter that stands for it in a list.

import type { FieldOf } from "./teacher";

export type SignName = FieldOf<"tick_places">["sign"];

export const MARKS: Record<SignName, string> = { tick: "✓", cross: "✗", ring: "○" };

/** The signs that a teacher chooses from. */
export const SIGNS = [
  ["tick", "✓ Tick"],
  ["cross", "✗ Cross"],
  ["ring", "○ Ring"],
] as const satisfies readonly (readonly [SignName, string])[];
