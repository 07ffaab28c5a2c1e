// The widths in which the server draws a page, in pixels: for a thumb, for a laptop, and for zooming in.
export const THUMB = 340;
export const LAPTOP = 1700;
export const FINE = 3400;

/** What a page's picture depends on. Lengths are in points. */
export interface Looking {
  width: number;
  height: number;
  turn: number;
  whiten: boolean;
  corners?: { x: number; y: number }[] | null | undefined;
}

/** Where a picture of a page is; `pictures` is the address of the pages' pictures. It says all that the picture shows. */
export const address = (pictures: string, page: { id: string } & Looking, width: number) =>
  `${pictures}${page.id}/${width}.webp?look=${lookOf(page)}`;

/** The name of how a page is shown, as the server reads it: lengths in tenths of a point. */
export function lookOf({ width, height, turn, whiten, corners }: Looking): string {
  const name = `${turn}${whiten ? "w" : ""}`;
  if (!corners) return name;
  const [across, down] = turn % 180 === 0 ? [width, height] : [height, width];
  return `${name}.${corners.flatMap(({ x, y }) => [tenths(x), tenths(y)]).join("_")}.${tenths(across)}x${tenths(down)}`;
}

/** Rounded away from nothing, as the server does. */
function tenths(value: number): number {
  return Math.sign(value) * Math.floor(Math.abs(value) * 10 + 0.5) || 0;
}
