import fc from "fast-check";
import { expect, test } from "vitest";
import { overlaps, type Box } from "./box";
import { Ink } from "./ink";
import { tabPlaces, tabSize, type Tabbed } from "./tab_place";

const PAGE = { width: 300, height: 400 };

/** What is printed: boxes filled with ink. */
function printed(...boxes: Box[]): Ink {
  const data = new Uint8ClampedArray(PAGE.width * PAGE.height * 4).fill(255);
  for (const { x, y, width, height } of boxes) {
    for (let row = y; row < y + height; row++) {
      data.fill(0, (row * PAGE.width + x) * 4, (row * PAGE.width + x + width) * 4);
    }
  }
  return Ink.of({ ...PAGE, data });
}

const field = (x: number, y: number, width: number, height: number, id = "a"): Tabbed => ({
  id,
  box: { x, y, width, height },
  number: "12",
  clear: false,
});
const around = (ink?: Ink) => ({ page: PAGE, scale: 1, letters: 16, ink, lying: [] });
const edgeOf = (one: Tabbed, ink: Ink, others: Tabbed[] = []) =>
  tabPlaces([one, ...others], around(ink)).get(one.id)?.edge;

test("a tab stands above the leading corner where nothing is printed", () => {
  const place = tabPlaces([field(100, 100, 80, 20)], around(printed())).get("a");
  expect(place).toEqual({ edge: "above", small: false, at: { x: 100, y: 84 } });
});

test("what is printed above sends it before the field, and along its edges", () => {
  const line = { x: 0, y: 86, width: 300, height: 8 };
  expect(edgeOf(field(100, 100, 80, 20), printed(line))).toBe("before");
  const label = { x: 60, y: 98, width: 36, height: 22 };
  expect(edgeOf(field(100, 100, 80, 20), printed(line, label))).toBe("below");
});

test("a field's own frame does not push its tab away", () => {
  const frame = { x: 98, y: 98, width: 84, height: 1 };
  expect(edgeOf(field(100, 100, 80, 20), printed(frame))).toBe("above");
});

test("in a table the tab is in the cell, or nowhere where the cell has no room", () => {
  const all = { x: 0, y: 1, width: 300, height: 399 };
  expect(edgeOf(field(100, 100, 80, 20), printed(all))).toBe("within");
  expect(edgeOf(field(100, 100, 20, 20), printed(all))).toBe("nowhere");
  expect(edgeOf({ ...field(100, 100, 80, 20), clear: true }, printed(all))).toBe("nowhere");
});

test("at the rim of the page it stays on the page", () => {
  expect(edgeOf(field(0, 0, 80, 20), printed())).toBe("below");
});

test("right to left it stands above the right corner", () => {
  const place = tabPlaces([field(100, 100, 80, 20)], { ...around(printed()), rightToLeft: true }).get("a");
  expect(place?.at.x).toBe(180 - tabSize("12", "usual", 16).width);
});

test("a tab covers nothing that is printed, no field, and no other tab, however they lie", () => {
  const box = fc.record({
    x: fc.integer({ min: 0, max: 250 }),
    y: fc.integer({ min: 0, max: 370 }),
    width: fc.integer({ min: 8, max: 50 }),
    height: fc.integer({ min: 8, max: 30 }),
  });
  fc.assert(
    fc.property(fc.array(box, { maxLength: 12 }), fc.array(box, { maxLength: 12 }), (laid, inked) => {
      const fields = laid.map((box, i) => ({ id: `${i}`, box, number: `${i + 1}`, clear: false }));
      const tabs: Box[] = [];
      for (const [id, { edge, small, at }] of tabPlaces(fields, around(printed(...inked)))) {
        if (edge === "within" || edge === "nowhere") continue;
        const number = fields.find((field) => field.id === id)?.number ?? "";
        tabs.push({ ...at, ...tabSize(number, small ? "small" : "usual", 16) });
      }
      const inside = ({ x, y, width, height }: Box) => ({
        x: x + 3,
        y: y + 3,
        width: width - 6,
        height: height - 6,
      });
      const touched = ({ x, y, width, height }: Box) => ({
        x: x + 0.3,
        y: y + 0.3,
        width: width - 0.6,
        height: height - 0.6,
      });
      for (const tab of tabs) {
        expect(inked.some((box) => overlaps(box, inside(tab)))).toBe(false);
        expect(laid.some((box) => overlaps(box, touched(tab)))).toBe(false);
        expect(tabs.some((other) => other !== tab && overlaps(other, touched(tab)))).toBe(false);
      }
    }),
  );
});

test("what covers the page pushes no tab away", () => {
  const whole = field(0, 0, PAGE.width, PAGE.height, "whole");
  expect(edgeOf(field(100, 100, 80, 20), printed(), [whole])).toBe("above");
});
