import { describe, expect, it } from "vitest";
import { nextTo, repeated } from "./repeat";

const PAGE = { width: 595, height: 842 };
const NOTHING = { blanks: [], rules: [], text: [] };
const box = { x: 100, y: 100, width: 80, height: 20 };
const down = (y: number) => ({ x: 0, y });

describe("boxes repeated", () => {
  it("lie at the usual distance where nothing is printed", () => {
    expect(repeated([box], { x: 0, y: 60 }, NOTHING, PAGE).offsets).toEqual([down(28), down(56)]);
    expect(nextTo([box], "y", NOTHING, PAGE).offset).toEqual(down(28));
    expect(nextTo([box], "x", NOTHING, PAGE).offset).toEqual({ x: 88, y: 0 });
  });

  it("lie in the blanks that are printed below, however far apart these are", () => {
    const blanks = [100, 131, 170].map((y) => ({ x: 98, y, width: 90, height: 18 }));
    const aside = { x: 300, y: 150, width: 90, height: 18 };
    const printed = { ...NOTHING, blanks: [...blanks, aside] };
    expect(repeated([box], { x: 0, y: 70 }, printed, PAGE).offsets).toEqual([down(31), down(70)]);
    expect(nextTo([box], "y", printed, PAGE).offset).toEqual(down(31));
  });

  it("lie in the blanks of sentences below, though these stand further in", () => {
    const blanks = [box, { ...box, x: 140, y: 131 }, { ...box, x: 80, y: 162 }];
    const { offsets } = repeated([box], { x: 0, y: 60 }, { ...NOTHING, blanks }, PAGE);
    expect(offsets).toEqual([
      { x: 40, y: 31 },
      { x: -20, y: 62 },
    ]);
  });

  it("lie above the rules that are printed below", () => {
    const rules = [121, 147, 173].map((y) => ({ x: 90, y, width: 200, height: 0.5 }));
    expect(repeated([box], { x: 0, y: 45 }, { ...NOTHING, rules }, PAGE).offsets).toEqual([
      down(26),
      down(52),
    ]);
  });

  it("lie beside the questions of a list, past what hangs below each", () => {
    const text = [
      { x: 40, y: 105, width: 50, height: 10 },
      { x: 52, y: 119, width: 50, height: 10 },
      { x: 40, y: 139, width: 50, height: 10 },
    ];
    expect(nextTo([box], "y", { ...NOTHING, text }, PAGE).offset).toEqual(down(34));
  });

  it("lie as far apart as the first two in hand, and copy the last", () => {
    const column = [box, { ...box, y: 133 }];
    const { units, offsets } = repeated(column, { x: 0, y: 60 }, NOTHING, PAGE);
    expect(units).toEqual([1]);
    expect(offsets).toEqual([down(33), down(66)]);
  });

  it("fill the rows and columns of a grid", () => {
    const cells = [0, 1, 2].flatMap((row) =>
      [0, 1].map((column) => ({ x: 100 + column * 100, y: 100 + row * 30, width: 96, height: 26 })),
    );
    const { offsets } = repeated([box], { x: 90, y: 60 }, { ...NOTHING, blanks: cells }, PAGE);
    expect(offsets).toHaveLength(5);
    expect(offsets).toContainEqual({ x: 100, y: 60 });
  });

  it("lie the other way too", () => {
    const { offsets } = repeated([box], { x: -190, y: 0 }, NOTHING, PAGE);
    expect(offsets).toEqual([{ x: -88, y: 0 }]);
  });

  it("are never more than a page is worth", () => {
    const small = { x: 5, y: 5, width: 12, height: 12 };
    expect(repeated([small], { x: 590, y: 830 }, NOTHING, PAGE).offsets).toHaveLength(300);
  });

  it("lie on the page alone", () => {
    const { offsets } = repeated([box], { x: 0, y: 5000 }, NOTHING, PAGE);
    expect(Math.max(...offsets.map(({ y }) => y))).toBeLessThanOrEqual(PAGE.height - 120);
  });
});
