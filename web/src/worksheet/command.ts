// Something a person does to a worksheet: what it is called, and the edits it is made of. Commands are made by pure functions
// of the document, in commands/; the document's store carries them out.

import type { Edit } from "../api/teacher";

export interface Command {
  /** What was done, in words: "Box moved". */
  label: string;
  edits: Edit[];
  /** Commands of the same name that follow each other closely are one step to be undone. */
  joins?: string;
  /** Whether more of it may follow at once, as the letters of a word do. */
  typing?: boolean;
  /** What is in hand afterwards, where that is another. */
  select?: string[];
}

/** The command, unless there is nothing to do. */
export const unlessEmpty = (command: Command): Command | undefined =>
  command.edits.length > 0 ? command : undefined;
