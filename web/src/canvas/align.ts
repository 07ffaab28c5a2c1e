// Boxes brought in line with each other or with their page, and spaced evenly.

import { around, type Box } from "./box";

export type Side = "left" | "centre" | "right" | "top" | "middle" | "bottom";

/** The boxes with one side, or their middles, in line with those of a frame. */
export function aligned(boxes: Box[], side: Side, frame: Box = around(boxes)): Box[] {
  return boxes.map((box) => {
    switch (side) {
      case "left":
        return { ...box, x: frame.x };
      case "centre":
        return { ...box, x: frame.x + (frame.width - box.width) / 2 };
      case "right":
        return { ...box, x: frame.x + frame.width - box.width };
      case "top":
        return { ...box, y: frame.y };
      case "middle":
        return { ...box, y: frame.y + (frame.height - box.height) / 2 };
      case "bottom":
        return { ...box, y: frame.y + frame.height - box.height };
    }
  });
}

/** The boxes as wide, or as high, as the first of them. */
export function sameSize(boxes: Box[], side: "width" | "height"): Box[] {
  const [first] = boxes;
  return first ? boxes.map((box) => ({ ...box, [side]: first[side] })) : [];
}

/** The boxes with equal gaps between them; the first and the last stay where they are. */
export function spread(boxes: Box[], way: "across" | "down"): Box[] {
  const [at, length] = way === "across" ? (["x", "width"] as const) : (["y", "height"] as const);
  const order = boxes.map((_, i) => i).sort((a, b) => (boxes[a]?.[at] ?? 0) - (boxes[b]?.[at] ?? 0));
  const whole = around(boxes)[length];
  const gap = (whole - boxes.reduce((sum, box) => sum + box[length], 0)) / Math.max(1, boxes.length - 1);
  const placed = [...boxes];
  let next = Math.min(...boxes.map((box) => box[at]));
  for (const i of order) {
    const box = boxes[i];
    if (!box) continue;
    placed[i] = { ...box, [at]: next };
    next += box[length] + gap;
  }
  return placed;
}
