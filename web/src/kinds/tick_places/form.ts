import { share, turned } from "../../canvas/box";
import type { Form } from "../form";

const WHOLE = { width: 1, height: 1 };

/** The spots turn with the box that they are shares of. */
export const tickPlaces: Partial<Form<"tick_places">> = {
  turned: (field, page, by, size) => {
    if (field.page !== page) return field;
    const spots = field.spots.map((spot) => {
      const { x, y, width, height } = turned(spot, by, WHOLE);
      return { ...spot, x: share(x), y: share(y), width, height };
    });
    return { ...field, box: turned(field.box, by, size), spots };
  },
};
