// How a right answer follows from earlier ones: kept with the ids of fields, written by teachers with their numbers.

interface Earlier {
  id: string;
  number: string;
}

/** `2 × {f1a2}` as a teacher reads it: `2 × {3a}`. What is there no longer is a question mark. */
export function withNumbers(rule: string, earlier: readonly Earlier[]): string {
  return rule.replace(
    /\{([^{}]*)\}/g,
    (_, id: string) => `{${earlier.find((one) => one.id === id)?.number ?? "?"}}`,
  );
}

/** What a teacher wrote as it is kept, and the numbers in it that are of no earlier question. */
export function withIds(written: string, earlier: readonly Earlier[]): { rule: string; unknown: string[] } {
  const unknown: string[] = [];
  const rule = written.replace(/\{([^{}]*)\}/g, (_, number: string) => {
    const said = number.trim().toLowerCase();
    const named = earlier.find((one) => one.number.toLowerCase() === said);
    if (!named) unknown.push(number.trim());
    return `{${named?.id ?? "?"}}`;
  });
  return { rule, unknown };
}
