// Slots, while they are laid on the film.

import { moved, overlaps, rounded, type Box, type Point, type Size } from "../../canvas/box";
import { newId } from "../../worksheet/ids";
import type { FieldOf } from "../teacher";
import type { Slot } from "./board";

type Pieces = FieldOf<"pieces">;

export const MOST_SLOTS = 200;
const USUAL: Size = { width: 80, height: 22 };

export const slotIn = (page: string, box: Box): Slot => ({
  id: newId(),
  page,
  box: rounded(box),
  name: "",
  shape: "box",
  most: 1,
  loose: false,
  where_counts: false,
  shown: true,
  counts: false,
  overlap: null,
});

/** The field with one more slot: in the blank at a point, or as large as the last one. */
export function slotAdded(field: Pieces, page: string, at: Point, size: Size, blank?: Box): Pieces {
  if (field.slots.length >= MOST_SLOTS) return field;
  const free = blank && !field.slots.some((slot) => slot.page === page && overlaps(slot.box, blank));
  const last = field.slots.at(-1);
  const { width, height } = last?.box ?? USUAL;
  const box = free
    ? blank
    : moved({ x: at.x - width / 2, y: at.y - height / 2, width, height }, { x: 0, y: 0 }, size);
  const like = last && {
    shape: last.shape,
    most: last.most,
    loose: last.loose,
    where_counts: last.where_counts,
    shown: last.shown,
    counts: last.counts,
  };
  return { ...field, slots: [...field.slots, { ...slotIn(page, box), ...like }] };
}

/** The field with the whole page as a slot: pieces lie wherever they are put, and the key says where they are right. */
export const pageAdded = (field: Pieces, { width, height }: Size): Pieces => ({
  ...field,
  slots: [
    ...field.slots,
    {
      ...slotIn(field.page, { x: 0, y: 0, width, height }),
      most: null,
      loose: true,
      where_counts: true,
      shown: false,
    },
  ],
});

/** The field with copies of a slot, each so far from it: without its name. */
export function slotRepeated(field: Pieces, slot: Slot, offsets: readonly Point[], page: Size): Pieces {
  const copies = offsets.map((by) => ({
    ...slot,
    id: newId(),
    name: "",
    overlap: null,
    box: rounded(moved(slot.box, by, page)),
  }));
  return { ...field, slots: [...field.slots, ...copies].slice(0, MOST_SLOTS) };
}

/** The field with a slot changed; where what is moved overlaps another, the slot there follows. */
export function slotChanged(field: Pieces, id: string, changed: Partial<Slot>): Pieces {
  const slots = field.slots.map((slot) => (slot.id === id ? { ...slot, ...changed } : slot));
  if (!changed.box) return { ...field, slots };
  const boxOf = new Map(slots.map((slot) => [slot.id, slot.box]));
  const followed = slots.map((slot) => {
    if (!slot.overlap?.includes(id)) return slot;
    const [a, b] = slot.overlap.map((other) => boxOf.get(other));
    return { ...slot, box: (a && b && common(a, b)) ?? slot.box };
  });
  return { ...field, slots: followed };
}

/** The field without a slot, and without the overlaps that were of it. */
export function slotRemoved(field: Pieces, id: string): Pieces {
  return {
    ...field,
    settled: Object.fromEntries(Object.entries(field.settled).filter(([slot]) => slot !== id)),
    slots: field.slots.filter((slot) => slot.id !== id && !slot.overlap?.includes(id)),
  };
}

/** The field with a slot where two others overlap; the same where they do not. */
export function overlapAdded(field: Pieces, one: Slot, other: Slot): Pieces {
  const both = one.page === other.page && common(one.box, other.box);
  if (!both) return field;
  const made = {
    ...slotIn(one.page, both),
    overlap: [one.id, other.id] as [string, string],
  };
  return { ...field, slots: [...field.slots, { ...made, most: one.most, loose: one.loose, shown: false }] };
}

/** What two boxes have in common, if that is more than a rim. */
function common(a: Box, b: Box): Box | undefined {
  const x = Math.max(a.x, b.x);
  const y = Math.max(a.y, b.y);
  const width = Math.min(a.x + a.width, b.x + b.width) - x;
  const height = Math.min(a.y + a.height, b.y + b.height) - y;
  return width > 1 && height > 1 ? rounded({ x, y, width, height }) : undefined;
}
