// The words of a piece: what stands in _{…} is lowered, in ^{…} raised, and {3/4} is a fraction.

export interface Run {
  as: "plain" | "lowered" | "raised" | "fraction";
  /** The words; of a fraction, what is above. */
  text: string;
  below: string;
}

const NOTATION = /([_^])\{([^{}]*)\}|\{([^{}/]+)\/([^{}/]+)\}/g;

/** Words as runs that are set alike. */
export function runs(words: string): Run[] {
  const found: Run[] = [];
  let at = 0;
  for (const match of words.matchAll(NOTATION)) {
    const [all, sign, text, above, below] = match;
    if (match.index > at) found.push({ as: "plain", text: words.slice(at, match.index), below: "" });
    found.push(
      above === undefined
        ? { as: sign === "_" ? "lowered" : "raised", text: text ?? "", below: "" }
        : { as: "fraction", text: above, below: below ?? "" },
    );
    at = match.index + all.length;
  }
  if (at < words.length) found.push({ as: "plain", text: words.slice(at), below: "" });
  return found;
}

/** Words as they are said: without their notation. */
export const said = (words: string): string =>
  runs(words)
    .map(({ as, text, below }) => (as === "fraction" ? `${text}/${below}` : text))
    .join("");

/** About how many letters wide words are set. */
export const lettersWide = (words: string): number =>
  runs(words).reduce(
    (sum, { as, text, below }) =>
      sum +
      (as === "plain"
        ? text.length
        : as === "fraction"
          ? Math.max(text.length, below.length)
          : text.length * 0.7),
    0,
  );
