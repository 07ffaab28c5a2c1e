import { expect, test } from "vitest";
import { pieces } from "./teacher";
import { overlapAdded, slotChanged, slotRemoved, slotRepeated, slotAdded } from "./slots";

const PAGE = { id: "page1", width: 595, height: 842 };
const empty = pieces.draw("set1", "page1", { x: 60, y: 700, width: 300, height: 40 });
const withSlots = (...at: [x: number, y: number][]) =>
  at.reduce((field, [x, y]) => slotAdded(field, "page1", { x, y }, PAGE), empty);

test("a slot takes a free blank; where there is none it is as large as the last one", () => {
  const blank = { x: 100, y: 100, width: 140, height: 30 };
  const first = slotAdded(empty, "page1", { x: 150, y: 110 }, PAGE, blank);
  expect(first.slots[0]?.box).toEqual(blank);
  const second = slotAdded(first, "page1", { x: 160, y: 110 }, PAGE, blank);
  expect(second.slots[1]?.box).toMatchObject({ width: 140, height: 30, x: 90 });
});

test("slots laid again are as the first one, without its name, and on the page", () => {
  const field = withSlots([100, 100]);
  const [slot] = field.slots;
  if (!slot) throw new Error("no slot");
  const named = slotChanged(field, slot.id, { name: "the sea falls", counts: true });
  const now = slotRepeated(
    named,
    { ...slot, name: "the sea falls", counts: true },
    [
      { x: 0, y: 30 },
      { x: 0, y: 5000 },
    ],
    PAGE,
  );
  expect(now.slots.map(({ name, counts }) => [name, counts])).toEqual([
    ["the sea falls", true],
    ["", true],
    ["", true],
  ]);
  expect(now.slots[1]?.box.y).toBe(slot.box.y + 30);
  expect(now.slots.every(({ box }) => box.y + box.height <= PAGE.height)).toBe(true);
  expect(new Set(now.slots.map(({ id }) => id)).size).toBe(3);
});

test("a slot where two overlap follows them, and goes with either", () => {
  const field = withSlots([100, 100], [140, 100]);
  const [one, other] = field.slots;
  if (!one || !other) throw new Error("no slots");
  const both = overlapAdded(field, one, other);
  expect(both.slots[2]?.box).toEqual({ x: 100, y: 89, width: 40, height: 22 });
  const moved = slotChanged(both, other.id, { box: { ...other.box, x: other.box.x + 20 } });
  expect(moved.slots[2]?.box).toEqual({ x: 120, y: 89, width: 20, height: 22 });
  expect(slotRemoved(moved, one.id).slots.map(({ id }) => id)).toEqual([other.id]);
  expect(
    overlapAdded(withSlots([100, 100], [400, 400]), one, { ...other, box: { ...other.box, x: 400 } }),
  ).toMatchObject({
    slots: { length: 2 },
  });
});
