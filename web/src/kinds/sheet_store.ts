// What the kinds know of the whole sheet, beyond their own field.

import { createContext } from "svelte";
import type { Answer, Entry, Prompt } from "../api/student";

export interface SheetStore {
  readonly prompts: readonly Prompt[];
  /** By the prompt's id; reactive. */
  readonly answers: Readonly<Record<string, Answer>>;
  readonly readonly: boolean;
  /** The same for the same student for ever: what is shuffled for each follows from it. */
  readonly seed: string;
  /** Change an entry of an answer, or all of it: then the entry has no name. */
  change(prompt: Prompt, entry: string, value: Entry): void;
  /** What a kind keeps for all its fields while the sheet is open, as what is in hand; made when it is first asked for. */
  of<T>(kind: Prompt["kind"], make: () => T): T;
}

/** The sheet around a component of a kind. */
export const [sheetStore, setSheetStore] = createContext<SheetStore>();
