import { expect, test } from "vitest";
import { onPage, pointAdded, pointMoved, pointRemoved, type InBox, type Points } from "./points";

const PAGE = { width: 400, height: 600 };
const ALL: Points<InBox> = {
  box: { x: 50, y: 100, width: 100, height: 200 },
  points: [
    { id: "first", x: 0.09, y: 0.045, name: "" },
    { id: "last", x: 0.91, y: 0.955, name: "" },
  ],
};
const places = ({ box, points }: Points<InBox>) =>
  Object.fromEntries(
    points.map((point) => {
      const { x, y } = onPage(box, point);
      return [point.id, [Math.round(x), Math.round(y)]];
    }),
  );

test("a point is moved alone, and its box goes around all", () => {
  const moved = pointMoved(ALL, "first", { x: -30, y: 5 }, PAGE);
  expect(places(moved)).toEqual({ first: [29, 114], last: [141, 291] });
  expect(moved.box.x).toBeCloseTo(20);
  expect(pointMoved(ALL, "last", { x: 1000, y: 0 }, PAGE).box).toMatchObject({ x: 50 });
  expect(places(pointMoved(ALL, "last", { x: 1000, y: 0 }, PAGE))["last"]).toEqual([391, 291]);
});

test("points are added where they are pressed, and taken off", () => {
  const more = pointAdded(ALL, { name: "shell" }, { x: 300, y: 400 }, PAGE);
  expect(more.points).toHaveLength(3);
  expect(places(more)).toMatchObject({ first: [59, 109], last: [141, 291] });
  const added = more.points[2];
  expect(added && onPage(more.box, added).x).toBeCloseTo(300);
  expect(places(pointRemoved(more, added?.id ?? "", PAGE))).toEqual(places(ALL));
});
