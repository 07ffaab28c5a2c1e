// Strokes on a canvas, which has the size of the box that they lie in.

import type { Point, Size } from "../../canvas/box";
import { pointsOf, type Colour, type Drawn, type Stroke } from "./strokes";

/** Told apart with every kind of colour blindness (M. Okabe and K. Ito, 2008), and dark enough on paper. */
export const COLOURS: Record<Colour, string> = {
  ink: "#1d2b3a",
  blue: "#0063a3",
  orange: "#c34a00",
  green: "#00734f",
};
/** What lies under a highlighter is read through it. */
const CLEAR = 0.35;

/** A canvas of more pixels is not drawn by every device; it is drawn coarser then. */
const MOST_PIXELS = 16_000_000;

/** Pixels of a canvas over a box for a point of the page, on this screen. */
export const pixelsOn = ({ width, height }: Size, scale: number): number =>
  Math.min(scale * (globalThis.devicePixelRatio || 1), Math.sqrt(MOST_PIXELS / (width * height)));

/** Make a canvas, emptied, as large as it has to be. */
export function sized(canvas: HTMLCanvasElement, { width, height }: Size, pixels: number): void {
  canvas.width = Math.max(1, Math.round(width * pixels));
  canvas.height = Math.max(1, Math.round(height * pixels));
}

export interface Lying {
  /** The box's corner, in points of the page. */
  corner: Point;
  /** Pixels of the canvas for a point of the page. */
  scale: number;
}

export function drawStroke(context: CanvasRenderingContext2D, stroke: Stroke, lying: Lying): void {
  if (stroke.tool === "note") drawNote(context, stroke, lying);
  else drawLine(context, pointsOf(stroke), stroke, lying);
}

/** Draw a line as the hand goes. */
export function drawLine(
  context: CanvasRenderingContext2D,
  points: readonly Drawn[],
  { tool, colour, width }: Pick<Stroke, "tool" | "colour" | "width">,
  { corner, scale }: Lying,
): void {
  const at = ({ x, y }: Point): [number, number] => [(x - corner.x) * scale, (y - corner.y) * scale];
  const [first] = points;
  if (!first) return;
  context.save();
  context.strokeStyle = context.fillStyle = COLOURS[colour];
  context.lineCap = tool === "highlighter" ? "butt" : "round";
  context.lineJoin = "round";
  context.globalAlpha = tool === "highlighter" ? CLEAR : 1;
  context.lineWidth = width * scale;
  if (points.length === 1) {
    context.beginPath();
    context.arc(...at(first), (width * scale) / 2, 0, 2 * Math.PI);
    context.fill();
  } else if (tool === "pen" && first.pressure !== undefined) {
    for (let i = 1; i < points.length; i++) {
      const [a, b] = [points[i - 1] as Drawn, points[i] as Drawn];
      context.beginPath();
      context.lineWidth = width * scale * (0.5 + ((a.pressure ?? 0.5) + (b.pressure ?? 0.5)) / 2);
      context.moveTo(...at(a));
      context.lineTo(...at(b));
      context.stroke();
    }
  } else {
    context.beginPath();
    context.moveTo(...at(first));
    // Through the middles of its parts, so that it has no corners where the hand made none.
    for (let i = 1; i < points.length - 1; i++) {
      const [a, b] = [points[i] as Drawn, points[i + 1] as Drawn];
      context.quadraticCurveTo(...at(a), ...at({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }));
    }
    context.lineTo(...at(points.at(-1) as Drawn));
    context.stroke();
  }
  context.restore();
}

function drawNote(context: CanvasRenderingContext2D, stroke: Stroke, { corner, scale }: Lying): void {
  const [at] = pointsOf(stroke);
  if (!at) return;
  const size = stroke.width * scale;
  context.save();
  context.fillStyle = COLOURS[stroke.colour];
  context.font = `500 ${size}px ${getComputedStyle(document.body).fontFamily}`;
  context.textBaseline = "top";
  stroke.text.split("\n").forEach((line, i) => {
    context.fillText(line, (at.x - corner.x) * scale, (at.y - corner.y) * scale + 1.3 * i * size);
  });
  context.restore();
}
