// What a student is doing with notes: the same for all fields of a sheet.

import type { SheetStore } from "../sheet_store";
import type { NoteColour } from "./colours";

export class Laying {
  /** The field on which the next press lays a note. */
  on: string | undefined = $state();
  colour: NoteColour = $state("yellow");
  /** The field on which a note was asked for, wherever there is room. */
  asked: string | undefined = $state();
}

export const layingOf = (store: SheetStore): Laying => store.of("free_note", () => new Laying());
