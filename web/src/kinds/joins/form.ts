import { turned } from "../../canvas/box";
import type { Form } from "../form";
import { turnedShare } from "../turned_share";

/** The dots turn with the box that they are shares of. */
export const joins: Partial<Form<"joins">> = {
  turned: (field, page, by, size) =>
    field.page === page
      ? {
          ...field,
          box: turned(field.box, by, size),
          dots: field.dots.map((dot) => ({ ...dot, ...turnedShare(dot, by) })),
        }
      : field,
};
