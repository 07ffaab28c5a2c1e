import type { Form } from "../form";
import { settledParts } from "../settled";

/** A tray, and slots that may lie on any page; each slot is a question, unless the set is one. */
export const pieces: Partial<Form<"pieces">> = {
  places: ({ page, box, slots }) => [
    { id: "", page, box },
    ...slots.map(({ id, page, box }) => ({ id, page, box })),
  ],
  parts: ({ together, slots, settled, points, number, name, hint }) =>
    together || slots.length === 0
      ? [{ id: "", points, number, name, hint, place: "" }]
      : settledParts(slots, settled, true),
  moved: (field, move) => ({
    ...field,
    box: move({ id: "", page: field.page, box: field.box }),
    slots: field.slots.map((slot) => ({
      ...slot,
      box: move({ id: slot.id, page: slot.page, box: slot.box }),
    })),
  }),
};
