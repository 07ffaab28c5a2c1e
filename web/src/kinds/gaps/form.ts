import type { Form } from "../form";
import { settledParts } from "../settled";

/** Each gap is a question; a passage without any is one. */
export const gaps: Partial<Form<"gaps">> = {
  parts: (field) =>
    (field.gaps.length > 0 ? settledParts(field.gaps, field.settled) : undefined) ?? [
      { id: "", points: field.points, number: field.number, name: field.name, hint: field.hint, place: "" },
    ],
};
