// An option of a choice: a bare letter, words, or a picture that the words tell of.

import type { Schemas } from "../../api/student";
import { newId } from "../../worksheet/ids";

export type Option = Schemas["Option"];

export const bare = (): Option => ({ id: newId(), text: "", picture: null });

export const named = (options: readonly Option[]) => options.map(({ id, text }) => ({ id, words: text }));
