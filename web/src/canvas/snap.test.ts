import { describe, expect, it } from "vitest";
import { Edges, type Edge } from "./snap";

const edge = (at: number, more: Partial<Edge> = {}): Edge => ({
  at,
  from: 0,
  to: 100,
  reach: 10,
  less: 0,
  ...more,
});
const box = { x: 50, y: 40, width: 30, height: 20 };

describe("what a box is brought onto", () => {
  it("is the nearest edge each way, by either side of the box", () => {
    const edges = new Edges([edge(47), edge(81)], [edge(61.5)]);
    expect(edges.snap(box, 4).by).toEqual({ x: 1, y: 1.5 });
  });

  it("is what is meant more, though something else is a little nearer", () => {
    const edges = new Edges([edge(52), edge(51, { less: 0.7 })], []);
    expect(edges.snap(box, 4).by.x).toBe(2);
    expect(new Edges([edge(51, { less: 0.7 })], []).snap(box, 4).by.x).toBe(1);
  });

  it("is nothing that lies further away than it may", () => {
    expect(new Edges([edge(44)], [edge(70)]).snap(box, 4)).toEqual({ by: { x: 0, y: 0 }, guides: [] });
  });

  it("is nothing beside which the box does not lie", () => {
    const far = edge(51, { from: 200, to: 260 });
    expect(new Edges([far], []).snap(box, 4).by.x).toBe(0);
    expect(new Edges([{ ...far, reach: 150 }], []).snap(box, 4).by.x).toBe(1);
  });

  it("is found by the moving side alone while the size changes", () => {
    const edges = new Edges([edge(51), edge(83)], []);
    expect(edges.snap(box, 4, { x: ["end"], y: [] }).by.x).toBe(3);
  });

  it("is shown by a line from the one to the other", () => {
    const { guides } = new Edges([], [edge(62, { from: 100, to: 200, reach: 40 })]).snap(box, 4);
    expect(guides).toEqual([{ axis: "y", at: 62, from: 50, to: 200 }]);
  });

  it("is found among thousands", () => {
    const many = Array.from({ length: 5000 }, (_, i) => edge(i * 7));
    expect(new Edges(many, []).snap({ ...box, x: 7001, width: 33 }, 2).by.x).toBe(-1);
  });
});
