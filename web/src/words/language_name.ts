/** What a language calls itself. */
export const nameOfLanguage = (tag: string): string =>
  new Intl.DisplayNames([tag], { type: "language", fallback: "code" }).of(tag) ?? tag;
