import { turned } from "../../canvas/box";
import type { Form, QuarterTurn } from "../form";
import { turnedShare } from "../turned_share";
import type { Scale } from "./scale";

const turnedScale = ({ first, last, step }: Scale, by: QuarterTurn): Scale => ({
  first: { ...first, ...turnedShare(first, by) },
  last: { ...last, ...turnedShare(last, by) },
  step,
});

/** The scales turn with the box that they lie in. */
export const plot: Partial<Form<"plot">> = {
  turned: (field, page, by, size) =>
    field.page === page
      ? {
          ...field,
          box: turned(field.box, by, size),
          across: turnedScale(field.across, by),
          up: field.up ? turnedScale(field.up, by) : null,
        }
      : field,
};
