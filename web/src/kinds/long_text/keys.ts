// A key as it is typed: one thing a line that has to be in the text, with bars between phrases that say the same.

import type { KeyOf } from "../teacher";

type Key = KeyOf<"long_text">;

export const MOST = 30;
const MOST_PHRASES = 20;
const LONGEST = 200;

const lines = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean)
    .slice(0, MOST);

export const wantedLines = (key: Key | undefined): string =>
  (key?.wanted ?? []).map(({ phrases }) => phrases.join(" | ")).join("\n");

/** The key with these lines; null: nothing is looked for any more. */
export function withWanted(key: Key | undefined, text: string): Key | null {
  const wanted = lines(text).flatMap((line) => {
    const phrases = line.split("|").map((phrase) => phrase.trim().slice(0, LONGEST));
    const said = phrases.filter(Boolean).slice(0, MOST_PHRASES);
    return said.length > 0 ? [{ phrases: said }] : [];
  });
  return settled({ ...(key ?? NOTHING), wanted });
}

export const withNever = (key: Key | undefined, text: string): Key | null =>
  settled({ ...(key ?? NOTHING), never: lines(text).map((line) => line.slice(0, LONGEST)) });

const NOTHING: Key = { kind: "long_text", wanted: [], never: [], enough: null, all_or_nothing: false };

const settled = (key: Key): Key | null => (key.wanted.length + key.never.length > 0 ? key : null);

export const keyInWords = ({ wanted, never }: Key): string =>
  [
    ...wanted.map(({ phrases }) => phrases.join(" / ")),
    ...never.map((phrase) => /* @wc-include */ `never: ${phrase}`),
  ].join("; ");
