// Numbers, moments and lists as the language of the page says them.

const language = (): string | undefined => globalThis.document?.documentElement?.lang || undefined;

/** Made when first needed: a browser takes long to make one, and most pages of a student need few. */
function once<Format>(make: () => Format): () => Format {
  let made: Format | undefined;
  return () => (made ??= make());
}

const numbers = once(() => new Intl.NumberFormat(language()));
const lists = once(() => new Intl.ListFormat(language(), { type: "conjunction" }));
const clock = once(() => new Intl.DateTimeFormat(language(), { hour: "2-digit", minute: "2-digit" }));
const day = once(
  () => new Intl.DateTimeFormat(language(), { weekday: "short", day: "numeric", month: "short" }),
);

/** A number for people to read. */
export const number = (value: number): string => numbers().format(value);

const english = (count: number): number => (count === 1 ? 0 : 1);

/**
 * A number of things: the form that the language has for so many, in which `#` stands for the number. The catalogue has the
 * forms of each language, and the rule which is which.
 */
export function plural(count: number, forms: string[], rule = english): string {
  return (forms[rule(count)] ?? forms[0] ?? "").replace("#", number(count));
}

/** "a, b and c". */
export const list = (all: readonly string[]): string => lists().format(all);

/** "10:42" today, "Mon, 23 Nov" on any other day. */
export function moment(iso: string): string {
  const date = new Date(iso);
  const isToday = date.toDateString() === new Date().toDateString();
  return (isToday ? clock : day)().format(date);
}
