// Spots spread evenly along the longer side of a box.

import { newId } from "../../worksheet/ids";

interface Size {
  width: number;
  height: number;
}

/** As many spots as wished, square where there is room, as shares of the box. */
export function inALine({ width, height }: Size, count: number) {
  const across = width >= height;
  const [along, wide] = across ? [width, height] : [height, width];
  const side = Math.min(wide, along / count);
  return Array.from({ length: count }, (_, i) => {
    const at = count === 1 ? 0 : ((along - side) * i) / (count - 1) / along;
    const spot = { at, along: side / along, wide: 1 };
    return across
      ? { id: newId(), x: spot.at, y: 0, width: spot.along, height: spot.wide, name: "" }
      : { id: newId(), x: 0, y: spot.at, width: spot.wide, height: spot.along, name: "" };
  });
}
