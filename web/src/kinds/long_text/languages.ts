// Languages that spelling may be checked in, each by its own name; a browser checks those that it has words of.

const TAGS =
  "ar bg cs cy da de el en-GB en-US es et fa fi fr ga he hi hr hu is it lt lv mt nb nl pl pt ro ru sk sl sq sv tr uk vi zh";

const nameOf = (tag: string): string =>
  new Intl.DisplayNames([tag], { type: "language", fallback: "code" }).of(tag) ?? tag;

export const LANGUAGES: readonly (readonly [tag: string, name: string])[] = TAGS.split(" ")
  .map((tag) => [tag, nameOf(tag)] as const)
  .sort(([, a], [, b]) => a.localeCompare(b));
