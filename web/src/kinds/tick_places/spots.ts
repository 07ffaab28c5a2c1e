// The spots of a field, each where it lies on the page, and the field that is made of them again.

import type { Box } from "../../api/teacher";
import { around, moved, rounded, share, type Point, type Size } from "../../canvas/box";
import { newId } from "../../worksheet/ids";
import type { FieldOf } from "../teacher";

type TickPlaces = FieldOf<"tick_places">;
type Spot = TickPlaces["spots"][number];
type Laid = readonly { spot: Spot; box: Box }[];

/** Spots of a field, as many as there are letters. */
export const MOST = 26;

/** Where each spot lies, in points of the page. */
export const laidSpots = ({ box, spots }: TickPlaces): Laid =>
  spots.map((spot) => ({
    spot,
    box: {
      x: box.x + spot.x * box.width,
      y: box.y + spot.y * box.height,
      width: spot.width * box.width,
      height: spot.height * box.height,
    },
  }));

/** The field whose spots lie there: its box goes around all of them. */
export function withSpots(field: TickPlaces, laid: Laid): TickPlaces {
  const box = rounded(around(laid.map(({ box }) => box)));
  const spots = laid.map(({ spot, box: own }) => ({
    ...spot,
    x: share((own.x - box.x) / box.width),
    y: share((own.y - box.y) / box.height),
    width: Math.max(share(own.width / box.width), 0.001),
    height: Math.max(share(own.height / box.height), 0.001),
  }));
  return { ...field, box, spots };
}

/** The field with one of its spots moved, on its page. */
export const spotMoved = (field: TickPlaces, id: string, by: Point, page: Size): TickPlaces =>
  withSpots(
    field,
    laidSpots(field).map(({ spot, box }) => ({ spot, box: spot.id === id ? moved(box, by, page) : box })),
  );

/** The field with one more spot, as large as its last, in the middle of a point. */
export function spotAdded(field: TickPlaces, at: Point, page: Size): TickPlaces {
  const laid = laidSpots(field);
  const { width, height } = laid.at(-1)?.box ?? field.box;
  const box = { x: at.x - width / 2, y: at.y - height / 2, width, height };
  const spot = { id: newId(), x: 0, y: 0, width: 1, height: 1, name: "" };
  return withSpots(field, [...laid, { spot, box: moved(box, { x: 0, y: 0 }, page) }]);
}

/** The field without one of its spots; the last stays. */
export function spotRemoved(field: TickPlaces, id: string): TickPlaces {
  const left = laidSpots(field).filter(({ spot }) => spot.id !== id);
  return left.length > 0 ? withSpots(field, left) : field;
}
