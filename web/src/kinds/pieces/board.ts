// Pieces, slots and what lies where: the same for a student's answer and for a teacher's key.

import type { Schemas } from "../../api/student";
import { areaOf, share, type Point } from "../../canvas/box";

export type Piece = Schemas["Piece"];
export type Slot = Schemas["Slot"];
export type Laid = Schemas["PieceLaid"];

/** Copies that a stack without end gives out. */
export const MOST_COPIES = 200;

export interface Board {
  /** What the pieces belong to. */
  set: string;
  pieces: readonly Piece[];
  slots: readonly Slot[];
  /** Pieces by name, in the order in which they were moved last. */
  laid: readonly (readonly [name: string, laid: Laid])[];
  /** Lay pieces. */
  change(moves: readonly (readonly [name: string, laid: Laid])[]): void;
}

const BACK: Laid = { kind: "pieces", version: 1, slot: "", x: 0.5, y: 0.5, rank: 0, turn: 0, size: 1 };

/** The piece that a name is of, or one of whose copies it names. */
export function pieceNamed(pieces: readonly Piece[], name: string): Piece | undefined {
  const alone = pieces.find((piece) => piece.copies === 1 && piece.id === name);
  if (alone) return alone;
  const at = name.lastIndexOf("c");
  const stack = pieces.find((piece) => piece.copies !== 1 && piece.id === name.slice(0, at));
  const number = Number(name.slice(at + 1));
  return stack && number >= 1 && number <= (stack.copies ?? MOST_COPIES) ? stack : undefined;
}

/** What lies in a slot, in the order in which it stands there. */
export function heldIn({ laid }: Pick<Board, "laid">, slot: Slot): [name: string, laid: Laid][] {
  const held = laid
    .filter(([, { slot: in_ }]) => in_ === slot.id)
    .map(([name, at]): [string, Laid] => [name, at]);
  return slot.loose ? held : held.sort(([, a], [, b]) => a.rank - b.rank);
}

/** A piece that waits: by the name of it, or of the next copy of its stack; `left`: how many are left, if they end. */
export interface Waiting {
  name: string;
  piece: Piece;
  left: number | null;
}

/** The pieces and stacks that wait. */
export function waiting({ pieces, laid }: Pick<Board, "pieces" | "laid">): Waiting[] {
  const out = new Set(laid.filter(([, { slot }]) => slot).map(([name]) => name));
  return pieces.flatMap((piece): Waiting[] => {
    if (piece.copies === 1) return out.has(piece.id) ? [] : [{ name: piece.id, piece, left: 1 }];
    const most = piece.copies ?? MOST_COPIES;
    const used = [...out].filter((name) => pieceNamed([piece], name)).length;
    if (used >= most) return [];
    let number = 1;
    while (out.has(`${piece.id}c${number}`)) number++;
    return [{ name: `${piece.id}c${number}`, piece, left: piece.copies === null ? null : most - used }];
  });
}

/**
 * A list as it is now, of what it was made of before as far as that is the same: what shows it has nothing to do again then. The
 * list before is returned where all of it is.
 */
export function kept<T>(
  before: readonly T[],
  now: readonly T[],
  same: (a: T, b: T) => boolean,
): readonly T[] {
  const made = now.map((item) => before.find((other) => same(other, item)) ?? item);
  return made.length === before.length && made.every((item, i) => item === before[i]) ? before : made;
}

/** Pieces as they wait for one student: shuffled, the same for the same student for ever. */
export function shuffled(pieces: readonly Piece[], seed: string): Piece[] {
  const order = new Map(pieces.map((piece) => [piece, hash(seed + piece.id)]));
  return [...pieces].sort((a, b) => (order.get(a) ?? 0) - (order.get(b) ?? 0));
}

/** A number of a text, spread over all that there are (FNV-1a, 32 bits). */
function hash(text: string): number {
  let sum = 0x811c9dc5;
  for (const letter of text) sum = Math.imul(sum ^ (letter.codePointAt(0) ?? 0), 0x01000193);
  return sum >>> 0;
}

/**
 * The moves that put a piece into a slot: at a point of a loose one, before another piece of any other. What has no room
 * there goes where the piece came from, or back.
 */
export function put(
  board: Board,
  name: string,
  slot: Slot,
  { at = { x: 0.5, y: 0.5 }, before }: { at?: Point; before?: string } = {},
): [string, Laid][] {
  const from = laidAt(board, name);
  const others = heldIn(board, slot).filter(([other]) => other !== name);
  const moves: [string, Laid][] = [];
  if (slot.most !== null && slot.most !== undefined && others.length >= slot.most) {
    const gone = others.find(([other]) => other === before) ?? others.at(-1);
    if (gone) {
      const swaps = from.slot && from.slot !== slot.id;
      moves.push([
        gone[0],
        swaps ? { ...gone[1], slot: from.slot, x: from.x, y: from.y, rank: from.rank } : BACK,
      ]);
      others.splice(others.indexOf(gone), 1);
    }
  }
  const place = slot.loose
    ? { x: share(at.x), y: share(at.y), rank: 0 }
    : { x: 0.5, y: 0.5, rank: rankBefore(others, before) };
  return [...moves, [name, { ...from, slot: slot.id, ...place }]];
}

/** The move that brings a piece back to where it waits. */
export const takeBack = (name: string): [string, Laid] => [name, BACK];

/** Where a piece lies; back where it waits if it was never moved. */
export const laidAt = ({ laid }: Pick<Board, "laid">, name: string): Laid =>
  laid.find(([other]) => other === name)?.[1] ?? BACK;

function rankBefore(others: readonly [string, Laid][], before: string | undefined): number {
  const at = others.findIndex(([name]) => name === before);
  if (at < 0) return Math.floor((others.at(-1)?.[1].rank ?? 0) + 1);
  const next = others[at]?.[1].rank ?? 0;
  const previous = others[at - 1]?.[1].rank ?? next - 2;
  return (next + previous) / 2;
}

/** What was laid, with moves made after it; what more lies in a slot than it holds goes back. */
export function after(
  board: Pick<Board, "slots" | "laid">,
  moves: readonly (readonly [string, Laid])[],
): (readonly [string, Laid])[] {
  const entries = new Map(board.laid);
  for (const [name, laid] of moves) {
    entries.delete(name);
    entries.set(name, laid);
  }
  return together(board.slots, entries);
}

/** What moves make, the last ones last (velum/kinds/pieces/laid.py). */
export function together(
  slots: readonly Slot[],
  entries: ReadonlyMap<string, Laid>,
): (readonly [string, Laid])[] {
  const room = new Map(slots.map(({ id, most }) => [id, most ?? Infinity]));
  const kept: (readonly [string, Laid])[] = [];
  for (const [name, laid] of [...entries].reverse()) {
    const left = laid.slot ? (room.get(laid.slot) ?? 0) : 0;
    if (laid.slot) room.set(laid.slot, left - 1);
    kept.push([name, left > 0 ? laid : { ...laid, slot: "" }]);
  }
  return kept.reverse();
}

/** Whether a point, in shares of a slot's box, lies in the slot. */
export function holds(slot: Slot, slots: readonly Slot[], { x, y }: Point): boolean {
  if (x < 0 || y < 0 || x > 1 || y > 1) return false;
  if (slot.overlap) {
    const onPage = { x: slot.box.x + x * slot.box.width, y: slot.box.y + y * slot.box.height };
    return slot.overlap.every((id) => {
      const other = slots.find((each) => each.id === id);
      if (!other) return false;
      const { box } = other;
      return holds(other, slots, { x: (onPage.x - box.x) / box.width, y: (onPage.y - box.y) / box.height });
    });
  }
  return slot.shape === "box" || (2 * x - 1) ** 2 + (2 * y - 1) ** 2 <= 1;
}

/** The slot at a point of a page, in points: of several the smallest, and an overlap before what overlaps. */
export function slotAt(slots: readonly Slot[], page: string, { x, y }: Point): Slot | undefined {
  return slots
    .filter(
      (slot) =>
        slot.page === page &&
        holds(slot, slots, { x: (x - slot.box.x) / slot.box.width, y: (y - slot.box.y) / slot.box.height }),
    )
    .sort((a, b) => Number(!a.overlap) - Number(!b.overlap) || areaOf(a.box) - areaOf(b.box))[0];
}

/** Points of the largest letters of a piece in a slot, or where it waits. */
const LARGEST = 14;

/** Points that letters of a piece are high, so that it fits a place of this size. */
export function letterPoints(letters: number, room: { width: number; height: number }): number {
  const byHeight = room.height * 0.72;
  const byWidth = room.width / Math.max(1, letters * 0.6 + 0.9);
  return Math.max(4, Math.min(LARGEST, byHeight, byWidth));
}
