// The catalogue as it is kept, and a made-up language beside it: long, and from right to left. It shows which words were
// forgotten, and which layouts are only right for short words from left to right.

import { defaultPluralRule, pofile } from "wuchale";

/** A language that no people has: made for this, among the codes that are free for use. */
export const MADE_UP = "ar-XB";

/** Sources are read by many programs, and the catalogue is written by one: `npm run words`. */
const MAY_WRITE = process.env.npm_lifecycle_event === "words";

const SEA = " بحر";
const DOT = "\u0307";

/** Words as the made-up language says them: a dot above each letter, and half as long again. */
const madeUp = (words) =>
  words.replace(/[a-z]/gi, (letter) => letter + DOT) + SEA.repeat(Math.ceil(words.length / 8));

export async function storage(options) {
  const kept = await pofile({ dir: "src/words" })({ ...options, locales: ["en"] });
  return {
    key: kept.key,
    files: kept.files,
    async load() {
      const { items, pluralRules } = await kept.load();
      for (const { translations } of items)
        translations.set(MADE_UP, (translations.get("en") ?? []).map(madeUp));
      return {
        items,
        pluralRules: new Map([...pluralRules, [MADE_UP, pluralRules.get("en") ?? defaultPluralRule]]),
      };
    },
    save: (catalogue) => (MAY_WRITE ? kept.save(catalogue) : undefined),
  };
}
