// How many words are written, and how many are asked for.

import { plural } from "../../words/say";

/** Words as Unicode divides them (UAX #29), where the browser knows how; else what stands between spaces. */
export function wordCount(text: string): number {
  if (!("Segmenter" in Intl)) return text.split(/\s+/).filter(Boolean).length;
  let count = 0;
  for (const { isWordLike } of new Intl.Segmenter(undefined, { granularity: "word" }).segment(text))
    if (isWordLike) count++;
  return count;
}

interface Asked {
  least_words?: number | null | undefined;
  most_words?: number | null | undefined;
}

/** What is asked for, in words; empty: nothing. */
export function askedFor({ least_words: least, most_words: most }: Asked): string {
  if (least && most) return `${least} to ${most} words`;
  if (least) return plural(least, ["at least # word", "at least # words"]);
  if (most) return plural(most, ["at most # word", "at most # words"]);
  return "";
}

export const isAskedFor = (count: number, { least_words: least, most_words: most }: Asked): boolean =>
  count >= (least ?? 0) && count <= (most ?? Infinity);
