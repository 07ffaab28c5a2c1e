import fc from "fast-check";
import { expect, test } from "vitest";
import {
  after,
  heldIn,
  holds,
  kept,
  letterPoints,
  pieceNamed,
  put,
  shuffled,
  slotAt,
  takeBack,
  together,
  waiting,
  type Board,
  type Laid,
  type Slot,
} from "./board";
import { pieceOf } from "./lines";
import { slotIn } from "./slots";

const named = (words: string, copies: number | null = 1) => ({ ...pieceOf(words, copies), id: words });
const PIECES = [named("crab"), named("whelk"), named("limpet"), named("bottle", null), named("cans", 2)];
const slot = (id: string, changed: Partial<Slot> = {}): Slot => ({
  ...slotIn("page1", { x: 0, y: 0, width: 100, height: 40 }),
  id,
  ...changed,
});
const POOL = slot("pool");
const ROCK = slot("rock");
const BEACH = slot("beach", { most: null });

/** A board on which moves are made one after another. */
function play(slots: Slot[] = [POOL, ROCK, BEACH]) {
  const board: Board = {
    set: "set1",
    pieces: PIECES,
    slots,
    laid: [],
    change: (moves) => (board.laid = after(board, moves)),
  };
  const into = (name: string, slot: Slot, before?: string) =>
    board.change(put(board, name, slot, before ? { before } : {}));
  const held = (slot: Slot) => heldIn(board, slot).map(([name]) => name);
  return { board, into, held };
}

test("a piece is in one place, and comes back", () => {
  const { board, into, held } = play();
  into("crab", POOL);
  into("crab", ROCK);
  expect([held(POOL), held(ROCK)]).toEqual([[], ["crab"]]);
  expect(waiting(board).map(({ name }) => name)).not.toContain("crab");
  board.change([takeBack("crab")]);
  expect(waiting(board).map(({ name }) => name)).toContain("crab");
});

test("put where another lies, the two change places; from the tray it sends the other back", () => {
  const { into, held } = play();
  into("crab", POOL);
  into("whelk", ROCK);
  into("crab", ROCK);
  expect([held(POOL), held(ROCK)]).toEqual([["whelk"], ["crab"]]);
  into("limpet", ROCK);
  expect([held(POOL), held(ROCK)]).toEqual([["whelk"], ["limpet"]]);
});

test("where there is room for several, a piece stands before the one it was put on", () => {
  const { into, held } = play();
  for (const name of ["crab", "whelk", "limpet"]) into(name, BEACH);
  expect(held(BEACH)).toEqual(["crab", "whelk", "limpet"]);
  into("limpet", BEACH, "whelk");
  expect(held(BEACH)).toEqual(["crab", "limpet", "whelk"]);
  into("whelk", BEACH, "crab");
  expect(held(BEACH)).toEqual(["whelk", "crab", "limpet"]);
});

test("a stack gives out copies until it is empty", () => {
  const { board, into } = play();
  const next = (words: string) => waiting(board).find(({ piece }) => piece.words === words);
  expect([next("cans")?.left, next("bottle")?.left]).toEqual([2, null]);
  into(next("cans")?.name ?? "", BEACH);
  into(next("cans")?.name ?? "", BEACH);
  expect(next("cans")).toBeUndefined();
  board.change([takeBack("cansc1")]);
  expect(next("cans")).toMatchObject({ name: "cansc1", left: 1 });
  expect(pieceNamed(PIECES, "cansc3")).toBeUndefined();
});

test("what more lies in a slot than it holds goes back, whatever order the moves came in", () => {
  const laid = (slot: string): Laid => ({
    kind: "pieces",
    version: 1,
    slot,
    x: 0,
    y: 0,
    rank: 0,
    turn: 0,
    size: 1,
  });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom("crab", "whelk", "limpet"), fc.constantFrom("pool", "rock", ""))),
      (moves) => {
        const entries = new Map<string, Laid>();
        for (const [name, slot] of moves) {
          entries.delete(name);
          entries.set(name, laid(slot));
        }
        const there = together([POOL, ROCK], entries).filter(([, { slot }]) => slot);
        expect(new Set(there.map(([, { slot }]) => slot)).size).toBe(there.length);
        const last = moves.at(-1);
        if (last?.[1]) expect(there.find(([name]) => name === last[0])?.[1].slot).toBe(last[1]);
      },
    ),
  );
});

test("pieces wait in an order of each student's own, the same for ever", () => {
  const words = (seed: string) =>
    shuffled(PIECES, seed)
      .map(({ words }) => words)
      .join();
  expect(words("copy1")).toBe(words("copy1"));
  expect(new Set(["copy1", "copy2", "copy3", "copy4"].map(words)).size).toBeGreaterThan(1);
});

test("an ellipse has no corners, and an overlap is where both are", () => {
  const left = slot("left", { shape: "ellipse", box: { x: 0, y: 0, width: 100, height: 100 } });
  const right = slot("right", { shape: "ellipse", box: { x: 60, y: 0, width: 100, height: 100 } });
  const both = slot("both", { box: { x: 60, y: 0, width: 40, height: 100 }, overlap: ["left", "right"] });
  const slots = [left, right, both];
  expect(holds(left, slots, { x: 0.02, y: 0.02 })).toBe(false);
  const at = (x: number, y: number) => slotAt(slots, "page1", { x, y })?.id;
  expect([at(30, 50), at(80, 50), at(130, 50), at(80, 3), at(80, 300)]).toEqual([
    "left",
    "both",
    "right",
    undefined,
    undefined,
  ]);
});

test("letters of a piece fit its slot, also a low one", () => {
  const points = letterPoints(3, { width: 60, height: 12 });
  expect(points).toBeGreaterThan(7);
  expect(points).toBeLessThan(12);
  expect(letterPoints(30, { width: 60, height: 30 })).toBeLessThan(6);
});

test("a list keeps what it was made of, and is the same while all of it is", () => {
  const same = (a: { id: number }, b: { id: number }) => a.id === b.id;
  const before = [{ id: 1 }, { id: 2 }];
  expect(kept(before, [{ id: 1 }, { id: 2 }], same)).toBe(before);
  const shorter = kept(before, [{ id: 2 }], same);
  expect(shorter[0]).toBe(before[1]);
  expect(shorter).toHaveLength(1);
  expect(kept(before, [{ id: 2 }, { id: 1 }], same)).toEqual([before[1], before[0]]);
  expect(kept([], [], same)).toEqual([]);
});
