// Where a page's picture is printed on or written on, coarsely: enough to lay something small beside it.

import { clamp, type Box } from "./box";

/** Points that a cell of the map is wide and high. */
const CELL = 2;
/** Points of a neighbourhood, whose lightest part is taken for the paper: photos are darker at one side. */
const NEAR = 36;
/** How much darker than the paper around it ink is, of 255. */
const DARKER = 36;

/** The darkest that paper is in a shadow, as a share of the lightest on the page. */
const DARKEST = 0.55;

export interface Pixels {
  width: number;
  height: number;
  /** Red, green, blue and opacity of each pixel, row by row. */
  data: Uint8ClampedArray;
}

export class Ink {
  private constructor(
    private readonly columns: number,
    private readonly rows: number,
    /** The number of cells with ink above and left of each corner of a cell, row by row. */
    private readonly sums: Uint32Array,
  ) {}

  /** What is seen in a picture that is one pixel a point. */
  static of({ width, height, data }: Pixels): Ink {
    const light = new Uint8Array(width * height);
    for (let i = 0; i < light.length; i++) {
      const at = i * 4;
      light[i] = ((data[at] ?? 0) * 77 + (data[at + 1] ?? 0) * 151 + (data[at + 2] ?? 0) * 28) >> 8;
    }
    const across = Math.ceil(width / NEAR);
    const paper = new Uint8Array(across * Math.ceil(height / NEAR));
    const spot = (x: number, y: number) => Math.floor(y / NEAR) * across + Math.floor(x / NEAR);
    each(width, height, (x, y, i) => {
      paper[spot(x, y)] = Math.max(paper[spot(x, y)] ?? 0, light[i] ?? 0);
    });
    // A dark picture that fills its neighbourhood is no paper.
    const least = paper.reduce((most, each) => Math.max(most, each), 0) * DARKEST;
    const columns = Math.ceil(width / CELL);
    const rows = Math.ceil(height / CELL);
    const inked = new Uint8Array(columns * rows);
    each(width, height, (x, y, i) => {
      if ((light[i] ?? 0) >= Math.max(least, paper[spot(x, y)] ?? 0) - DARKER) return;
      inked[Math.floor(y / CELL) * columns + Math.floor(x / CELL)] = 1;
    });
    const sums = new Uint32Array((columns + 1) * (rows + 1));
    for (let row = 0; row < rows; row++) {
      let inRow = 0;
      for (let column = 0; column < columns; column++) {
        inRow += inked[row * columns + column] ?? 0;
        const at = (row + 1) * (columns + 1) + column + 1;
        sums[at] = (sums[at - columns - 1] ?? 0) + inRow;
      }
    }
    return new Ink(columns, rows, sums);
  }

  /** Whether nothing is seen in a box, in points. What lies beside the page is clear. */
  isClear({ x, y, width, height }: Box): boolean {
    const left = clamp(Math.floor(x / CELL), 0, this.columns);
    const right = clamp(Math.ceil((x + width) / CELL), 0, this.columns);
    const top = clamp(Math.floor(y / CELL), 0, this.rows);
    const bottom = clamp(Math.ceil((y + height) / CELL), 0, this.rows);
    const sum = (row: number, column: number) => this.sums[row * (this.columns + 1) + column] ?? 0;
    return sum(bottom, right) - sum(top, right) - sum(bottom, left) + sum(top, left) === 0;
  }
}

/** What is seen in a picture of a page, of so many points; nothing where the browser does not say. */
export function inkOf(picture: CanvasImageSource, page: { width: number; height: number }): Ink | undefined {
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(page.width);
  canvas.height = Math.round(page.height);
  const pen = canvas.getContext("2d", { willReadFrequently: true });
  if (!pen) return undefined;
  pen.fillStyle = "#fff";
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.imageSmoothingQuality = "high";
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return Ink.of(pen.getImageData(0, 0, canvas.width, canvas.height));
}

function each(width: number, height: number, look: (x: number, y: number, i: number) => void): void {
  for (let y = 0, i = 0; y < height; y++) for (let x = 0; x < width; x++, i++) look(x, y, i);
}
