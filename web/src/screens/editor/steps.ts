// The steps of the job. They can be taken in any order; the address says which is open.

export const STEPS = [
  ["pages", "Pages"],
  ["film", "Film"],
  ["key", "Key"],
  ["try", "Try"],
  ["hand-out", "Hand out"],
] as const;

export type Step = (typeof STEPS)[number][0];

export function stepIn(hash: string): Step {
  return STEPS.find(([step]) => `#${step}` === hash)?.[0] ?? "film";
}
