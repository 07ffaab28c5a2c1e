// Options that are picked, one or several, in words and when one is pressed.

/** The name of an option by its place: A, B, C … */
export const letter = (place: number) => String.fromCharCode(65 + place);

/** What is picked, in the words of the options, or in letters where they have none. */
export const inWords = (picked: readonly number[], words: readonly string[]) =>
  picked.map((place) => words[place] || letter(place)).join(", ");

/** What is picked after the letter of an option was typed; undefined: there is no such option. */
export function pickedByLetter(
  picked: readonly number[],
  place: number,
  options: number,
  several: boolean,
): number[] | undefined {
  if (place >= options) return undefined;
  return several ? pressed(picked, place, true) : [place];
}

/** What is picked after an option was pressed; pressing one again lets it go. */
export function pressed(picked: readonly number[], place: number, several: boolean): number[] {
  if (picked.includes(place)) return picked.filter((other) => other !== place);
  return several ? [...picked, place].sort((a, b) => a - b) : [place];
}
