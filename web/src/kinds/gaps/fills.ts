// How gaps are filled, and with what.

import type { FieldOf } from "../teacher";
import type { Gap } from "./passage";

export type Fill = Gap["fill"];

export const FILLS = [
  ["typed", "Typed"],
  ["list", "From a list"],
  ["bank", "From the word bank"],
] as const;

type Offering = Pick<FieldOf<"gaps">, "gaps" | "bank">;

const inOrder = (words: readonly string[]): string[] =>
  [...new Set(words)].sort((a, b) => a.localeCompare(b, undefined, { numeric: true }));

/** The words that a gap may be filled with, in an order that tells nothing; none, where it is typed. */
export function offered({ gaps, bank }: Offering, id: string): string[] {
  const gap = gaps.find((gap) => gap.id === id);
  if (!gap || gap.fill === "typed") return [];
  return inOrder(gap.fill === "list" ? gap.options : bank);
}

/** The words of the bank in their order, and how many of each are left; none, where no gap is filled from it. */
export function bankLeft({ gaps, bank }: Offering, texts: ReadonlyMap<string, string>): [string, number][] {
  if (!gaps.some(({ fill }) => fill === "bank")) return [];
  const used = gaps.flatMap(({ id, fill }) => (fill === "bank" ? [texts.get(id) ?? ""] : []));
  const count = (words: readonly string[], word: string) => words.filter((other) => other === word).length;
  return inOrder(bank).map((word) => [word, count(bank, word) - count(used, word)]);
}

/** A list of words after it was typed, one a line. */
export const asList = (lines: string, most: number): string[] =>
  lines
    .split("\n")
    .map((line) => line.trim().slice(0, 100))
    .filter(Boolean)
    .slice(0, most);
