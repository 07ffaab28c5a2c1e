import { expect, test } from "vitest";
import { laidSpots, spotAdded, spotMoved, spotRemoved } from "./spots";
import { tickPlaces } from "./teacher";

const PAGE = { width: 600, height: 800 };
const field = tickPlaces.draw("ticks1", "page1", { x: 100, y: 100, width: 20, height: 84 });
const places = (of = field) =>
  laidSpots(of).map(({ box }) => [box.x, box.y, box.width, box.height].map(Math.round));

test("one spot is moved, and the others stay where they are on the page", () => {
  const [, second] = field.spots;
  const now = spotMoved(field, second?.id ?? "", { x: 60, y: -5 }, PAGE);
  const [one, two, three] = places();
  expect(places(now)).toEqual([one, [(two?.[0] ?? 0) + 60, (two?.[1] ?? 0) - 5, two?.[2], two?.[3]], three]);
  expect(now.box).toMatchObject({ x: 100, y: 100, width: 80 });
});

test("a spot stays on its page", () => {
  const now = spotMoved(field, field.spots[0]?.id ?? "", { x: -900, y: 0 }, PAGE);
  expect(places(now)[0]?.[0]).toBe(0);
});

test("one more is as large as the last, where it was pressed", () => {
  const now = spotAdded(field, { x: 300, y: 400 }, PAGE);
  expect(now.spots).toHaveLength(4);
  const [x, y, width, height] = places(now)[3] ?? [];
  expect([width, height]).toEqual(places()[2]?.slice(2));
  expect([(x ?? 0) + (width ?? 0) / 2, (y ?? 0) + (height ?? 0) / 2]).toEqual([300, 400]);
  expect(new Set(now.spots.map(({ id }) => id)).size).toBe(4);
});

test("taken away, the others stay; the last one cannot be", () => {
  const now = spotRemoved(field, field.spots[0]?.id ?? "");
  expect(places(now)).toEqual(places().slice(1));
  const last = spotRemoved(spotRemoved(now, now.spots[0]?.id ?? ""), now.spots[1]?.id ?? "");
  expect(last.spots).toHaveLength(1);
});
