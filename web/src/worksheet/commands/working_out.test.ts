import { expect, test } from "vitest";
import type { Document, Field } from "../../api/teacher";
import { KINDS } from "../../kinds/teacher";
import { applied } from "../edits";
import { questionsOf } from "../numbering";
import { removeAll } from "./fields";
import { copied, paste } from "./paste";
import { repeat } from "./repeat";
import { addWorking, asQuestion, workingOf } from "./working_out";

await KINDS.load(KINDS.names);

const page = {
  id: "page1",
  width: 595,
  height: 842,
  turn: 0,
  refused: [],
} as unknown as Document["pages"][number];
const box = KINDS.get("answer_box").draw("aaaa", "page1", { x: 100, y: 100, width: 120, height: 20 });
const sheet = {
  title: "Tides",
  pages: [page],
  aside: [],
  fixtures: [],
  fields: [box],
  keys: {},
  groups: [],
  instructions: {},
  skills: [],
} as unknown as Document;
const after = (document: Document, command: { edits: Parameters<typeof applied>[1] } | undefined): Document =>
  applied(document, command?.edits ?? []);
const numbers = ({ fields }: Document) => questionsOf(fields).map(({ number }) => number);

const worked = after(sheet, addWorking(sheet, box, "Working-out"));
const [working] = workingOf(worked, box);

test("a place for working-out lies below its answer, on the page, without points", () => {
  expect(working).toMatchObject({ kind: "ink", points: 0, working_for: "aaaa", name: "Working-out" });
  expect(working?.box.y).toBeGreaterThanOrEqual(120);
  const low: Field = { ...box, box: { ...box.box, y: 820 } };
  const [place] = workingOf(
    after({ ...sheet, fields: [low] }, addWorking({ ...sheet, fields: [low] }, low, "")),
    low,
  );
  expect((place?.box.y ?? 0) + (place?.box.height ?? 0)).toBeLessThanOrEqual(842);
});

test("copies are the working-out of the copies", () => {
  const ids = worked.fields.map(({ id }) => id);
  for (const command of [
    repeat(worked, worked.fields, [{ x: 0, y: 200 }]),
    paste(worked, copied(worked, ids) ?? { things: [], keys: {} }, page),
  ])
    expect(numbers(after(worked, command))).toEqual(["1", "1+", "2", "2+"]);
});

test("a copy of working-out alone is a question of its own", () => {
  const alone = copied(worked, [working?.id ?? ""]);
  expect(numbers(after(worked, alone && paste(worked, alone, page)))).toEqual(["1", "1+", "2"]);
  expect(numbers(after(worked, asQuestion(worked, working?.id ?? "")))).toEqual(["1", "2"]);
});

test("it goes with its answer, and not the other way round", () => {
  expect(after(worked, removeAll(worked, ["aaaa"])).fields).toEqual([]);
  expect(after(worked, removeAll(worked, [working?.id ?? ""])).fields).toEqual([box]);
});
