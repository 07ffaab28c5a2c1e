// How large pages are shown: in so many parts of their true size, or so that a page or its width is seen.

export type Fit = "width" | "page";

/** CSS pixels of a point at true size. */
export const TRUE_SIZE = 96 / 72;
export const SMALLEST_ZOOM = 0.25;
export const LARGEST_ZOOM = 4;

const STEPS = [0.25, 0.33, 0.5, 0.67, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 4];

interface Room {
  width: number;
  height: number;
}

/** CSS pixels a point so that a page, or its width, fits in a room of so many pixels. */
export function fitting(fit: Fit, page: Room, room: Room): number {
  const wide = room.width / page.width;
  return fit === "width" ? wide : Math.min(wide, room.height / page.height);
}

/** The next zoom up or down. */
export function stepped(zoom: number, way: 1 | -1): number {
  const steps = way > 0 ? STEPS : [...STEPS].reverse();
  return steps.find((step) => (step - zoom) * way > 0.005) ?? (way > 0 ? LARGEST_ZOOM : SMALLEST_ZOOM);
}

export const within = (zoom: number): number => Math.max(SMALLEST_ZOOM, Math.min(LARGEST_ZOOM, zoom));
