import type { Slot } from "./board";

/** What a slot is called: by what is printed there, by its question's number, or by its place among the slots. */
export function slotName(slots: readonly Slot[], slot: Slot, number = ""): string {
  if (slot.name) return number ? `${slot.name}, question ${number}` : slot.name;
  return number ? `question ${number}` : `place ${slots.indexOf(slot) + 1}`;
}
