// Options that are picked, one or several, by their ids: in words, and when one is pressed.

interface Named {
  id: string;
  /** What it is called; nothing: by its letter. */
  words: string;
}

/** The letter of an option by its place: A, B, C … */
export const letter = (place: number) => String.fromCharCode(65 + place);

/** What is picked, in the order and the words of the options, or in letters where they have none. */
export const inWords = (picked: readonly string[], options: readonly Named[]) =>
  options
    .map(({ id, words }, place) => ({ id, said: words || letter(place) }))
    .filter(({ id }) => picked.includes(id))
    .map(({ said }) => said)
    .join(", ");

/** What is picked after the letter of an option was typed; undefined: there is no such option. */
export function pickedByLetter(
  picked: readonly string[],
  place: number,
  options: readonly { id: string }[],
  several: boolean,
): string[] | undefined {
  const id = options[place]?.id;
  if (id === undefined) return undefined;
  return several ? pressed(picked, id, true) : [id];
}

/** What is picked after an option was pressed; pressing one again lets it go. */
export function pressed(picked: readonly string[], id: string, several: boolean): string[] {
  if (picked.includes(id)) return picked.filter((other) => other !== id);
  return several ? [...picked, id].sort() : [id];
}
