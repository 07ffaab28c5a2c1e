// A set of pieces on a student's sheet.

import type { Answer, Prompt } from "../../api/student";
import type { PromptOf, AnswerOf } from "../student";
import type { SheetStore } from "../sheet_store";
import { after, shuffled, type Board, type Laid, type Slot } from "./board";
import { slotName } from "./slot_name";

/** The board of a prompt, which saves what is moved piece by piece. */
export function boardOf(
  prompt: PromptOf<"pieces">,
  answer: AnswerOf<"pieces"> | undefined,
  seed: string,
  onentry: (name: string, laid: Laid) => void,
): Board {
  const laid = (answer?.moves ?? []).map(({ piece, laid }): [string, Laid] => [piece, laid]);
  const board: Board = {
    set: prompt.id,
    pieces: prompt.shuffled ? shuffled(prompt.pieces, seed) : prompt.pieces,
    slots: prompt.slots,
    laid,
    change: (moves) => {
      // What a move sends back is saved as moved too, before it: of several devices, all then say the same.
      const now = new Map(after(board, moves));
      const moved = new Set(moves.map(([name]) => name));
      for (const [name, { slot }] of laid) {
        const there = now.get(name);
        if (!moved.has(name) && there && there.slot !== slot) onentry(name, there);
      }
      for (const [name, laid] of moves) onentry(name, laid);
    },
  };
  return board;
}

/** What a slot of a prompt is called. */
export const nameIn = (prompt: PromptOf<"pieces">, slot: Slot): string =>
  slotName(prompt.slots, slot, prompt.parts.find((part) => part.place === slot.id)?.number);

/** The board of a prompt of a sheet, wherever on it something is shown of it: one for all its places. */
export function boardOn(store: SheetStore, prompt: PromptOf<"pieces">): Board {
  const answer = store.answers[prompt.id] as AnswerOf<"pieces"> | undefined;
  const made = store.of("pieces", () => new WeakMap<Prompt, { answer: Answer | undefined; board: Board }>());
  const last = made.get(prompt);
  if (last && last.answer === answer) return last.board;
  const board = boardOf(prompt, answer, store.seed, (name, laid) => store.change(prompt, name, laid));
  made.set(prompt, { answer, board });
  return board;
}
