// A key as a board: the teacher lays the pieces as a student would, and what lies there is right.

import type { FieldOf, KeyOf } from "../teacher";
import { after, heldIn, MOST_COPIES, pieceNamed, type Board, type Laid, type Slot } from "./board";

type Key = KeyOf<"pieces">;
export type Belongs = Key["arrangements"][number][number];
export type Region = NonNullable<Belongs["region"]>;

/** Points around where a piece is laid within which it is right, until the teacher draws it otherwise. */
const AROUND = 36;

const laidIn = (slot: string, rank: number): Laid => ({
  kind: "pieces",
  version: 1,
  slot,
  x: 0.5,
  y: 0.5,
  rank,
  turn: 0,
  size: 1,
});

/** What lies where by one arrangement of a key. */
export function laidBy(field: FieldOf<"pieces">, arrangement: readonly Belongs[]): [string, Laid][] {
  const used = new Map<string, number>();
  return arrangement.flatMap(({ slot: id, pieces, region }) => {
    const slot = field.slots.find((each) => each.id === id);
    return pieces.flatMap((id, rank): [string, Laid][] => {
      const piece = field.pieces.find((piece) => piece.id === id);
      if (!piece || !slot) return [];
      const number = (used.get(id) ?? 0) + 1;
      used.set(id, number);
      if (number > (piece.copies ?? MOST_COPIES)) return [];
      const at = region
        ? { x: region.x + region.width / 2, y: region.y + region.height / 2 }
        : slot.loose
          ? spread(rank, pieces.length, slot)
          : { x: 0.5, y: 0.5 };
      return [[piece.copies === 1 ? id : `${id}c${number}`, { ...laidIn(slot.id, rank), ...at }]];
    });
  });
}

/** The board of an arrangement of a key; what is moved there changes it. */
export function keyBoard(
  field: FieldOf<"pieces">,
  key: Key | undefined,
  index: number,
  onkey: (key: Key | null) => void,
): Board {
  const arrangement = key?.arrangements[index] ?? [];
  const board: Board = {
    set: field.id,
    pieces: field.pieces,
    slots: field.slots,
    laid: laidBy(field, arrangement),
    change: (moves) => {
      const laid = after(board, moves);
      onkey(withArrangement(key, index, arrangementOf(field, laid, arrangement)));
    },
  };
  return board;
}

/** The arrangement that pieces make; how a slot is asked for stays as it was. */
function arrangementOf(
  field: FieldOf<"pieces">,
  laid: readonly (readonly [string, Laid])[],
  before: readonly Belongs[],
): Belongs[] {
  return field.slots.flatMap((slot): Belongs[] => {
    const held = heldIn({ laid }, slot);
    const was = before.find((each) => each.slot === slot.id);
    const belongs = {
      slot: slot.id,
      asks: was?.asks ?? "these",
      count: was?.count ?? 0,
      like: was?.like ?? null,
    } as const;
    const ids = held.flatMap(([name]) => pieceNamed(field.pieces, name)?.id ?? []);
    if (!slot.where_counts) {
      const asksWithout = belongs.asks === "count" || belongs.asks === "as_many";
      return ids.length > 0 || asksWithout ? [{ ...belongs, pieces: ids, region: null }] : [];
    }
    return held.map(([, { x, y }], i) => ({
      ...belongs,
      pieces: ids.slice(i, i + 1),
      region: around(before, slot, ids[i] ?? "", x, y),
    }));
  });
}

/** Where a piece is shown that counts wherever it lies in a loose slot: beside the others, row by row. */
function spread(rank: number, count: number, { box }: Slot) {
  const across = Math.max(1, Math.min(count, Math.round(Math.sqrt((count * box.width) / box.height))));
  const rows = Math.ceil(count / across);
  return { x: ((rank % across) + 0.5) / across, y: (Math.floor(rank / across) + 0.5) / rows };
}

/** The key with the region of one of an arrangement's pieces changed. */
export function withRegion(key: Key, index: number, belongs: Belongs, region: Region): Key {
  const changed = (key.arrangements[index] ?? []).map((each) =>
    each === belongs ? { ...each, region } : each,
  );
  return { ...key, arrangements: key.arrangements.map((each, i) => (i === index ? changed : each)) };
}

/** The region around a point: as large as it was where the piece is still about there. */
function around(before: readonly Belongs[], { box }: Slot, id: string, x: number, y: number) {
  const was = before.find(({ pieces, region }) => region && pieces[0] === id)?.region;
  const usual = (length: number) => Math.min(1, (2 * AROUND) / length);
  const [width, height] = was ? [was.width, was.height] : [usual(box.width), usual(box.height)];
  const start = (middle: number, length: number) => Math.min(1 - length, Math.max(0, middle - length / 2));
  return {
    x: start(x, width),
    y: start(y, height),
    width,
    height,
    shape: was?.shape ?? ("ellipse" as const),
  };
}

/** A key with one of its arrangements changed, or one more; null: none is left. */
export function withArrangement(key: Key | undefined, index: number, arrangement: Belongs[]): Key | null {
  const all = [...(key?.arrangements ?? [])];
  if (arrangement.length > 0) all[index] = arrangement;
  else all.splice(index, 1);
  return all.length > 0 ? { kind: "pieces", arrangements: all.filter(Boolean) } : null;
}
