// What of a file could not be brought in, told on the screen that opens next.

const name = (worksheet: string) => `velum:left-out:${worksheet}`;

export function tellNext(worksheet: string, sentences: string[]): void {
  if (sentences.length > 0) sessionStorage.setItem(name(worksheet), JSON.stringify(sentences));
}

/** What there is to be told of a worksheet; told once. */
export function leftOut(worksheet: string): string[] {
  const kept = sessionStorage.getItem(name(worksheet));
  sessionStorage.removeItem(name(worksheet));
  return kept === null ? [] : (JSON.parse(kept) as string[]);
}
