// How a picture lies in its box: turned, larger than all of it, with one of its points in the middle.

import type { AnswerOf } from "../student";
import type { Point, Size } from "../../canvas/box";
import { clamp } from "../../canvas/box";

export type Answer = AnswerOf<"picture_box">;
export type View = Pick<Answer, "turn" | "zoom" | "x" | "y">;

export const NOTHING: Answer = {
  kind: "picture_box",
  version: 1,
  picture: null,
  says: "",
  turn: 0,
  zoom: 1,
  x: 0.5,
  y: 0.5,
  labels: [],
};

export const MOST_ZOOM = 8;

/** The size of a picture after it was turned. */
const turnedSize = ({ width, height }: Size, { turn }: View): Size =>
  turn % 180 === 0 ? { width, height } : { width: height, height: width };

/** Pixels of the screen for a pixel of the picture. */
export function scaleOf(picture: Size, box: Size, view: View): number {
  const { width, height } = turnedSize(picture, view);
  return view.zoom * Math.min(box.width / width, box.height / height);
}

/** The view with its picture over all of the box, as far as it is large enough. */
export function kept(picture: Size, box: Size, view: View): View {
  const { width, height } = turnedSize(picture, view);
  const scale = scaleOf(picture, box, view);
  const inside = (at: number, room: number, whole: number) => {
    const half = Math.min(0.5, room / whole / 2);
    return clamp(at, half, 1 - half);
  };
  return {
    ...view,
    x: inside(view.x, box.width, width * scale),
    y: inside(view.y, box.height, height * scale),
  };
}

/** The view after the picture was moved in its box by pixels of the screen. */
export function movedBy(picture: Size, box: Size, view: View, by: Point): View {
  const { width, height } = turnedSize(picture, view);
  const scale = scaleOf(picture, box, view);
  return kept(picture, box, {
    ...view,
    x: view.x - by.x / (width * scale),
    y: view.y - by.y / (height * scale),
  });
}

/** The view after it was turned by a quarter, with the same point in the middle. */
export function turnedOn(view: View): View {
  return { ...view, turn: ((view.turn + 90) % 360) as View["turn"], x: 1 - view.y, y: view.x };
}

export const zoomedBy = (picture: Size, box: Size, view: View, factor: number): View =>
  kept(picture, box, { ...view, zoom: clamp(view.zoom * factor, 1, MOST_ZOOM) });

/** A point of the picture as it came, in shares, as one of it as it is turned; and back. */
export function turnedPoint({ x, y }: Point, turn: View["turn"]): Point {
  if (turn === 90) return { x: 1 - y, y: x };
  if (turn === 180) return { x: 1 - x, y: 1 - y };
  return turn === 270 ? { x: y, y: 1 - x } : { x, y };
}

const turnedBack = (point: Point, turn: View["turn"]): Point =>
  turnedPoint(point, ((360 - turn) % 360) as View["turn"]);

/** Where a point of the picture (in shares of it as it came) lies in the box, in pixels from its corner. */
export function inBox(picture: Size, box: Size, view: View, point: Point): Point {
  const { width, height } = turnedSize(picture, view);
  const scale = scaleOf(picture, box, view);
  const { x, y } = turnedPoint(point, view.turn);
  return {
    x: box.width / 2 + (x - view.x) * width * scale,
    y: box.height / 2 + (y - view.y) * height * scale,
  };
}

/** The point of the picture (in shares of it as it came) that lies there in the box. */
export function onPicture(picture: Size, box: Size, view: View, at: Point): Point {
  const { width, height } = turnedSize(picture, view);
  const scale = scaleOf(picture, box, view);
  const share = {
    x: view.x + (at.x - box.width / 2) / (width * scale),
    y: view.y + (at.y - box.height / 2) / (height * scale),
  };
  const { x, y } = turnedBack(share, view.turn);
  return { x: clamp(x, 0, 1), y: clamp(y, 0, 1) };
}
