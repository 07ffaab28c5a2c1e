// Pieces as lines of text: one a line, "can ×5" for a stack of five, "can ×∞" for one without end.

import { newId } from "../../worksheet/ids";
import type { Piece } from "./board";
import { MOST_COPIES } from "./board";

const STACK = /\s*[×x*]\s*(\d{1,3}|∞|many)$/i;

/** Points of the shortest side that a piece may be given (velum/kinds/pieces/piece.py). */
export const LEAST_SIDE = 6;

/** A piece of these words. */
export const pieceOf = (words: string, copies: number | null = 1): Piece => ({
  id: newId(),
  words,
  picture: null,
  look: "tile",
  copies,
  width: null,
  height: null,
  turns: false,
  resizes: false,
});

export const toLines = (pieces: readonly Piece[]): string =>
  pieces.map(({ words, copies }) => (copies === 1 ? words : `${words} ×${copies ?? "∞"}`)).join("\n");

/** Pieces after their lines were changed: those whose words are still there stay what they are, so that a key names them. */
export function fromLines(lines: string, before: readonly Piece[]): Piece[] {
  const left = [...before];
  const wanted = lines.split("\n").flatMap((line) => {
    const text = line.trim();
    if (!text) return [];
    const stack = STACK.exec(text);
    const words = stack ? text.slice(0, stack.index) : text;
    const count = stack?.[1] ?? "1";
    const copies = /^\d/.test(count) ? Math.max(1, Math.min(MOST_COPIES, Number(count))) : null;
    return words ? [{ words, copies }] : [];
  });
  const found = wanted.map(({ words }) => {
    const at = left.findIndex((piece) => piece.words === words);
    return at < 0 ? undefined : left.splice(at, 1)[0];
  });
  return wanted.map(({ words, copies }, i) => {
    // A word that was corrected is the piece that stood in its line.
    const same = found[i] ?? takeOut(left, before[i]);
    return { ...(same ?? pieceOf(words)), words, copies };
  });
}

function takeOut(left: Piece[], piece: Piece | undefined): Piece | undefined {
  const at = piece ? left.indexOf(piece) : -1;
  return at < 0 ? undefined : left.splice(at, 1)[0];
}
