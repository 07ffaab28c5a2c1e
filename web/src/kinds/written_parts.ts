// What gaps of a passage and cells of a table have in common: each is typed into, and kept by itself.

import type { Entry } from "../api/student";
import type { PartRight } from "./written_key";

interface Texts {
  /** Pairs of a part's id and what was typed into it. */
  texts: readonly (readonly string[])[];
}

/** What was typed, by the ids of the parts. */
export const textsOf = (answer: Texts | undefined): ReadonlyMap<string, string> =>
  new Map((answer?.texts ?? []).map(([id = "", text = ""]) => [id, text]));

/** Whether nothing was typed into a part, or into any. */
export function isBlank(answer: Texts | undefined, part: string): boolean {
  const texts = textsOf(answer);
  return part ? !texts.get(part)?.trim() : ![...texts.values()].some((text) => text.trim());
}

export const textIn = (answer: Texts | undefined, part: string): string => textsOf(answer).get(part) ?? "";

/** The texts that entries make, in the order of the parts. */
export const together = (parts: readonly { id: string }[], entries: ReadonlyMap<string, Entry>): string[][] =>
  parts.flatMap(({ id }) => {
    const entry = entries.get(id);
    return entry && "text" in entry ? [[id, entry.text]] : [];
  });

export const inWords = (answer: Texts): string => [...textsOf(answer).values()].filter(Boolean).join(", ");

interface Rights {
  right: readonly PartRight[];
}

export const keyInWords = ({ right }: Rights): string => right.map(({ text }) => text).join(", ");

/** All that is right in a part. */
export function partKeyInWords(key: Rights, part: string): string {
  const right = key.right.find((right) => right.part === part);
  return right ? [right.text, ...right.also].join(" / ") : "";
}

/** What is right, by the ids of the parts. */
export const rightTexts = (key: Rights | undefined): ReadonlyMap<string, string> =>
  new Map((key?.right ?? []).map(({ part, text }) => [part, text]));

/** What is right in a part; empty: nothing is said of it. */
export const rightText = (key: Rights | undefined, part: string): string =>
  key?.right.find((right) => right.part === part)?.text ?? "";
