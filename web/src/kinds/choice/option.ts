// An option of a choice: a bare letter, words, or a picture that the words tell of.

import type { Schemas } from "../../api/student";

export type Option = Schemas["Option"];

export const bare = (): Option => ({ text: "", picture: null });

export const wordsOf = (options: readonly Option[]): string[] => options.map(({ text }) => text);
