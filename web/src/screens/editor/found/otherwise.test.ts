import { expect, test } from "vitest";
import type { FieldOf } from "../../../kinds/form";
import { KINDS } from "../../../kinds/teacher";
import { otherwise } from "./otherwise";

await KINDS.load(KINDS.names);

const box = (id: string, y: number, more: Partial<FieldOf<"answer_box">> = {}) => ({
  ...(KINDS.get("answer_box").draw(id, "page1", {
    x: 100,
    y,
    width: 200,
    height: 20,
  }) as FieldOf<"answer_box">),
  ...more,
});
const labels = (of: ReturnType<typeof otherwise>) => of.map(({ label }) => label);

test("words to tick are taken as a choice of these words, with their number", () => {
  const ticks = KINDS.get("tick_places").draw("ticks", "page1", { x: 50, y: 50, width: 200, height: 16 });
  const field = { ...(ticks as FieldOf<"tick_places">), number: "4" };
  field.spots = field.spots.slice(0, 2).map((spot, i) => ({ ...spot, name: ["ebb", "flood"][i] ?? "" }));
  const [choice, list] = otherwise(field, [field], []);
  expect(choice?.fields[0]).toMatchObject({ kind: "choice", number: "4", arrangement: "row" });
  expect((choice?.fields[0] as FieldOf<"choice">).options.map(({ text }) => text)).toEqual(["ebb", "flood"]);
  expect(list?.fields[0]).toMatchObject({ arrangement: "list" });
});

test("several lines are taken one by one, where the rules are", () => {
  const field = box("lines", 100, {
    lines: "several",
    number: "2",
    box: { x: 100, y: 100, width: 200, height: 60 },
  });
  const rules = [120, 140, 160, 400].map((y) => ({ x: 100, y, width: 200, height: 0.5 }));
  const [one] = otherwise(field, [field], rules);
  expect(one?.label).toBe("Line by line");
  expect(one?.fields.map(({ box, number }) => [box.y, box.height, number])).toEqual([
    [100, 20, "2"],
    [120, 20, ""],
    [140, 20, ""],
  ]);
  expect(labels(otherwise(field, [field], []))).toEqual(["As one line"]);
});

test("single lines are taken as one box with those close below", () => {
  const [one, two, far, aside] = [box("a", 100), box("b", 125), box("c", 300), box("d", 126)];
  aside.box.x = 350;
  const [joined] = otherwise(one, [one, two, far, aside], []);
  expect(joined?.instead.map(({ id }) => id)).toEqual(["a", "b"]);
  expect(joined?.fields[0]).toMatchObject({ lines: "several", box: { y: 100, height: 45 } });
  expect(labels(otherwise(far, [one, two, far], []))).toEqual(["For several lines"]);
});
