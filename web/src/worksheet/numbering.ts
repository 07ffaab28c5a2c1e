// Question numbers while the worksheet is edited: the core's rule again (numbering.py), so that they follow at once.

const LAST = /^(.*?)(\d+|(?<![^\P{L}])[a-z]{1,4}|(?<![^\P{L}])[A-Z])([^\p{L}\p{N}_]*)$/su;
const ROMAN = "i ii iii iv v vi vii viii ix x xi xii xiii xiv xv xvi".split(" ");

/** The number of each field, by its name; `fields` stand in the order of reading. */
export function numbersOf(fields: readonly { id: string; number: string }[]): Record<string, string> {
  const all = numbers(fields.map(({ number }) => number));
  return Object.fromEntries(fields.map(({ id }, i) => [id, all[i] ?? ""]));
}

export function numbers(own: readonly string[]): string[] {
  const found: string[] = [];
  let roman = false;
  for (const number of own) {
    if (number) roman = counting(number) === "i" || (roman && ROMAN.includes(counting(number)));
    const before = found.at(-1);
    found.push(number || (before === undefined ? "1" : following(before, roman)));
  }
  return found;
}

/** The number of the question that a sub-part such as 3a belongs to; another number is its own. */
export const wholeOf = (number: string): string => number.replace(/(?<=\d)[a-z]$/, "");

/** The number after another. */
export function following(number: string, roman = false): string {
  const [, before = "", last = "", after = ""] = LAST.exec(number) ?? [];
  if (!last) return `${number} 2`;
  if (/\d/.test(last)) return `${before}${BigInt(last) + 1n}${after}`;
  const next = roman ? ROMAN[ROMAN.indexOf(last) + 1] : undefined;
  if (next && ROMAN.includes(last)) return before + next + after;
  if (last.length > 1 || "zZ".includes(last)) return `${number} 2`;
  return `${before}${String.fromCharCode(last.charCodeAt(0) + 1)}${after}`;
}

const counting = (number: string): string => LAST.exec(number)?.[2] ?? "";
