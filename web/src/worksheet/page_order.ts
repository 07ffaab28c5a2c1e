// Pages by their numbers, and from one order to another.

import type { Edit } from "../api/teacher";

/** The numbers that "1-3, 7" means, of those from 1 to `last`. What is no number is passed over. */
export function inRanges(text: string, last: number): Set<number> {
  const numbers = new Set<number>();
  for (const [, from, to] of text.matchAll(/(\d+)(?:\s*[-–]\s*(\d+))?/g)) {
    const [low, high] = [Number(from), Number(to ?? from)].sort((a, b) => a - b) as [number, number];
    for (let number = Math.max(1, low); number <= Math.min(high, last); number++) numbers.add(number);
  }
  return numbers;
}

/** Moves, from the left, that bring pages from one order into another. */
export function moves(order: string[], wanted: string[]): Edit[] {
  const edits: Edit[] = [];
  let now = order;
  wanted.forEach((id, to) => {
    if (now[to] === id) return;
    edits.push({ op: "move_page", page_id: id, to });
    now = now.filter((other) => other !== id).toSpliced(to, 0, id);
  });
  return edits;
}
