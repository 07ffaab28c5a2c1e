import { expect, test } from "vitest";
import { Ink, type Pixels } from "./ink";

/** A page of paper, one pixel a point, with boxes of ink on it. */
function page(light: (x: number, y: number) => number): Pixels {
  const [width, height] = [200, 300];
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) data.fill(light(x, y), (y * width + x) * 4, (y * width + x) * 4 + 3);
  }
  return { width, height, data };
}

test("only what is darker than the paper around it is ink", () => {
  const lineAt150 = (_: number, y: number) => (y === 150 ? 90 : 250);
  const ink = Ink.of(page(lineAt150));
  expect(ink.isClear({ x: 10, y: 130, width: 50, height: 18 })).toBe(true);
  expect(ink.isClear({ x: 10, y: 140, width: 50, height: 18 })).toBe(false);
});

test("the darker side of a photo is paper too", () => {
  const shaded = (x: number, y: number) => 230 - x * 0.5 - (y === 150 && x > 100 ? 70 : 0);
  const ink = Ink.of(page(shaded));
  expect(ink.isClear({ x: 0, y: 0, width: 200, height: 140 })).toBe(true);
  expect(ink.isClear({ x: 0, y: 140, width: 90, height: 20 })).toBe(true);
  expect(ink.isClear({ x: 110, y: 140, width: 90, height: 20 })).toBe(false);
});

test("a dark picture is printed, however large", () => {
  const ink = Ink.of(page((x, y) => (x > 40 && y > 40 ? 30 : 250)));
  expect(ink.isClear({ x: 100, y: 100, width: 10, height: 10 })).toBe(false);
});

test("beside the page nothing is seen", () => {
  const ink = Ink.of(page(() => 250));
  expect(ink.isClear({ x: -30, y: -30, width: 20, height: 20 })).toBe(true);
  expect(ink.isClear({ x: 190, y: 290, width: 40, height: 40 })).toBe(true);
});
