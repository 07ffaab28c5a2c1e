import { expect, test } from "vitest";
import type { FieldOf, KeyOf } from "../teacher";
import { put, takeBack } from "./board";
import { keyBoard } from "./key_board";
import { pieceOf } from "./lines";
import { slotIn } from "./slots";

const BOX = { x: 0, y: 0, width: 100, height: 40 };
const POOL = { ...slotIn("page1", BOX), id: "pool" };
const SHORE = { ...slotIn("page1", BOX), id: "shore", loose: true, most: null };
const FIELD = {
  kind: "pieces",
  id: "set1",
  page: "page1",
  box: BOX,
  pieces: [
    { ...pieceOf("crab"), id: "crab" },
    { ...pieceOf("can", 3), id: "cans" },
  ],
  slots: [POOL, SHORE],
} as unknown as FieldOf<"pieces">;

function laying() {
  let key: KeyOf<"pieces"> | null = null;
  const board = () => keyBoard(FIELD, key ?? undefined, 0, (now) => (key = now));
  return { board, key: () => key };
}

test("what is laid is right, and nothing laid is no key", () => {
  const { board, key } = laying();
  board().change(put(board(), "crab", POOL));
  expect(key()?.arrangements).toMatchObject([[{ slot: "pool", pieces: ["crab"], asks: "these" }]]);
  expect(board().laid.map(([name, { slot }]) => [name, slot])).toEqual([["crab", "pool"]]);
  board().change([takeBack("crab")]);
  expect(key()).toBe(null);
});

test("copies of a stack are laid one by one", () => {
  const { board, key } = laying();
  for (const name of ["cansc1", "cansc2"]) board().change(put(board(), name, { ...POOL, most: 3 }));
  // The slot of the field holds one: the second copy takes the place of the first.
  expect(key()?.arrangements[0]?.[0]?.pieces).toEqual(["cans"]);
});

test("in a loose slot a piece is right around where it was laid", () => {
  const { board, key } = laying();
  board().change(put(board(), "crab", SHORE, { at: { x: 0.5, y: 0.05 } }));
  const region = key()?.arrangements[0]?.[0]?.region;
  expect(region).toMatchObject({ shape: "ellipse", y: 0 });
  expect((region?.x ?? 0) + (region?.width ?? 0) / 2).toBeCloseTo(0.5);
});
