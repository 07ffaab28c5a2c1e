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
  readonly files: SheetFiles;
  /** Whether what a device lacks is stood in for, as in the demo. */
  readonly standIn: boolean;
  /** What a kind keeps for all its fields while the sheet is open, as what is in hand; made when it is first asked for. */
  of<T>(kind: Prompt["kind"], make: () => T): T;
}

/** Files that students put into answers. */
export interface SheetFiles {
  /** What is not sent yet, by the prompt's id; reactive. */
  readonly waiting: ReadonlyMap<string, Blob>;
  /** Send a file, and have the answer speak of it then. */
  put(prompt: Prompt, file: Blob): void;
  drop(prompt: Prompt): void;
  /** Where a file that was sent is fetched. */
  address(file: string): string;
}

/** The sheet around a component of a kind. */
export const [sheetStore, setSheetStore] = createContext<SheetStore>();
