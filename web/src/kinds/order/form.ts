import { turned } from "../../canvas/box";
import type { Form } from "../form";
import { turnedShare } from "../turned_share";

/** The places turn with the box that they are shares of. */
export const order: Partial<Form<"order">> = {
  turned: (field, page, by, size) =>
    field.page === page
      ? {
          ...field,
          box: turned(field.box, by, size),
          steps: field.steps.map((step) => ({ ...step, ...turnedShare(step, by) })),
        }
      : field,
};
