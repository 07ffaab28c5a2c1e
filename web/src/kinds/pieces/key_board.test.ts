import { expect, test } from "vitest";
import type { FieldOf, KeyOf } from "../teacher";
import { put, takeBack } from "./board";
import { keyBoard, withRegion } from "./key_board";
import { pieceOf } from "./lines";
import { slotIn } from "./slots";

const BOX = { x: 0, y: 0, width: 100, height: 40 };
const POOL = { ...slotIn("page1", BOX), id: "pool" };
const SHORE = { ...slotIn("page1", BOX), id: "shore", loose: true, most: null };
const AREA = { ...SHORE, id: "area", where_counts: true };
const FIELD = {
  kind: "pieces",
  id: "set1",
  page: "page1",
  box: BOX,
  pieces: [
    { ...pieceOf("crab"), id: "crab" },
    { ...pieceOf("can", 3), id: "cans" },
  ],
  slots: [POOL, SHORE, AREA],
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

test("in a loose slot a piece is right wherever it lies, and shown beside the others", () => {
  const { board, key } = laying();
  board().change(put(board(), "crab", SHORE, { at: { x: 0.9, y: 0.05 } }));
  board().change(put(board(), "cansc1", SHORE, { at: { x: 0.9, y: 0.05 } }));
  expect(key()?.arrangements).toMatchObject([[{ slot: "shore", pieces: ["crab", "cans"], region: null }]]);
  expect(board().laid.map(([name, { x, y }]) => [name, x, y])).toEqual([
    ["crab", 0.25, 0.5],
    ["cansc1", 0.75, 0.5],
  ]);
});

test("a region that is drawn is kept when its piece is moved", () => {
  const { board, key } = laying();
  board().change(put(board(), "crab", AREA, { at: { x: 0.5, y: 0.5 } }));
  const drawn = { x: 0.2, y: 0.2, width: 0.2, height: 0.4, shape: "box" as const };
  const belongs = key()?.arrangements[0]?.[0];
  if (!belongs) throw new Error("no key");
  const now = withRegion(key() as KeyOf<"pieces">, 0, belongs, drawn);
  let moved: KeyOf<"pieces"> | null = null;
  const again = keyBoard(FIELD, now, 0, (key) => (moved = key));
  again.change(put(again, "crab", AREA, { at: { x: 0.8, y: 0.5 } }));
  const region = (moved as KeyOf<"pieces"> | null)?.arrangements[0]?.[0]?.region;
  expect(region).toMatchObject({ width: 0.2, height: 0.4, shape: "box" });
  expect(region?.x).toBeCloseTo(0.7);
});

test("where it counts where a piece lies, it is right around there", () => {
  const { board, key } = laying();
  board().change(put(board(), "crab", AREA, { at: { x: 0.5, y: 0.05 } }));
  const region = key()?.arrangements[0]?.[0]?.region;
  expect(region).toMatchObject({ shape: "ellipse", y: 0 });
  expect((region?.x ?? 0) + (region?.width ?? 0) / 2).toBeCloseTo(0.5);
});
