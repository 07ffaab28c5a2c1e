import { expect, test } from "vitest";
import type { Document } from "../../api/teacher";
import { KINDS, type FieldOf } from "../../kinds/teacher";
import { asWordBank } from "./word_bank";

await KINDS.load(["answer_box"]);

const box = (id: string, y: number) =>
  KINDS.get("answer_box").draw(id, "page1", { x: 60, y, width: 90, height: 20 }) as FieldOf<"answer_box">;
const BOXES = [box("box1", 100), box("box2", 140), box("box3", 180)];
const key = (text: string) => ({
  kind: "answer_box" as const,
  text,
  also: [],
  partly: [],
  refused: [],
  follows: null,
  comparison: null,
});
const document = (keys: Document["keys"] = {}, fields: Document["fields"] = BOXES): Document => ({
  version: 9,
  title: "Tides",
  pages: [{ id: "page1", width: 595, height: 842 }] as unknown as Document["pages"],
  aside: [],
  fixtures: [],
  fields,
  keys,
  groups: [],
  settings: {} as Document["settings"],
  style: {} as Document["style"],
  instructions: {},
  skills: [],
});

function bankOf(command: ReturnType<typeof asWordBank>) {
  const placed = command?.edits.find((edit) => edit.op === "place");
  const keyed = command?.edits.find((edit) => edit.op === "set_key");
  if (placed?.op !== "place" || placed.field.kind !== "pieces") throw new Error("no bank");
  const found = keyed?.op === "set_key" && keyed.key?.kind === "pieces" ? keyed.key : undefined;
  return { bank: placed.field, key: found, words: placed.field.pieces.map(({ words }) => words) };
}

test("right answers wait in the order of the alphabet, and belong where they were right", () => {
  const keys = { box1: key("slack"), box2: key("ebb") };
  const command = asWordBank(document(keys), BOXES);
  const { bank, key: made, words } = bankOf(command);
  expect(words).toEqual(["ebb", "slack"]);
  expect(bank.slots.map(({ id }) => id)).toEqual(["box1", "box2", "box3"]);
  const [slack] = made?.arrangements[0] ?? [];
  expect(bank.pieces.find(({ id }) => id === slack?.pieces[0])?.words).toBe("slack");
  expect(command?.edits.filter(({ op }) => op === "remove")).toHaveLength(3);
});

test("words that are printed wait over their print, those too many as well; an answer that is not there comes too", () => {
  const printed = { words: ["Ebb", "flood", "gale"], box: { x: 50, y: 20, width: 300, height: 30 } };
  const keys = { box1: key("ebb"), box2: key("neap") };
  const { bank, key: made, words } = bankOf(asWordBank(document(keys), BOXES, printed));
  expect(words).toEqual(["Ebb", "flood", "gale", "neap"]);
  expect([bank.tray, bank.box]).toEqual(["page", printed.box]);
  expect(made?.arrangements[0]?.[0]?.pieces).toEqual([bank.pieces[0]?.id]);
});

test("of boxes that are only proposed nothing is removed, and without answers there is no key", () => {
  const command = asWordBank(document({}, []), BOXES);
  expect(command?.edits.map(({ op }) => op)).toEqual(["place"]);
  expect(asWordBank(document(), BOXES.slice(0, 1))).toBeUndefined();
});
