// Commands as functions of a document: what they make of it, and that it can be taken back.

import { expect, test } from "vitest";
import type { Document, Field, Fixture } from "../../api/teacher";
import { USUAL } from "../../kinds/look";
import { KINDS } from "../../kinds/teacher";
import type { Command } from "../command";
import { applied, inverse } from "../edits";
import { carried, nudge, putAt, stretch } from "./boxes";
import {
  changeSome,
  changeFields,
  changeGroup,
  layField,
  markOneByOne,
  markTogether,
  numberAsParts,
  removeAll,
  selectLike,
  setKey,
} from "./fields";
import { changeFixture, layer, layFixture } from "./fixtures";
import { copied, paste } from "./paste";
import { layAgain } from "./repeat";
import { rename, setDecimal } from "./worksheet";

await KINDS.load(KINDS.names);

const page = {
  id: "page1",
  source: "0".repeat(64),
  number: 0,
  width: 600,
  height: 800,
  turn: 0 as const,
  whiten: false,
  corners: null,
  refused: [],
};
const box = (id: string, y: number): Field => ({
  ...KINDS.get("answer_box").draw(id, "page1", { x: 50, y, width: 100, height: 20 }),
});
const line = (id: string): Fixture => ({
  kind: "line",
  id,
  page: "page1",
  box: { x: 10, y: 10, width: 90, height: 1 },
  start: "top left",
  heads: "none",
  stroke: { colour: "#16324a", width: 1, dash: "solid" },
});

const sheet: Document = {
  version: 9,
  title: "Tides",
  pages: [page],
  aside: [],
  fixtures: [line("low1"), line("mid1"), line("top1")],
  fields: [box("aaaa", 100), box("bbbb", 200), box("cccc", 300)],
  keys: {
    bbbb: {
      kind: "answer_box",
      text: "ebb",
      also: [],
      partly: [],
      refused: [],
      follows: null,
      comparison: null,
    },
  },
  groups: [],
  settings: { decimal: "." },
  style: USUAL,
  instructions: {},
  skills: [],
};

/** The document after a command, which can be taken back. */
function after(command: Command | undefined, before = sheet): Document {
  expect(command?.label).toBeTruthy();
  const edits = command?.edits ?? [];
  const now = applied(before, edits);
  const back = applied(now, inverse(before, edits));
  const sorted = (document: Document) => ({
    ...document,
    fields: [...document.fields].sort((a, b) => a.id.localeCompare(b.id)),
  });
  expect(sorted(back)).toEqual(sorted(before));
  return now;
}

const boxOf = (document: Document, id: string) =>
  [...document.fields, ...document.fixtures].find((placed) => placed.id === id)?.box;

test("what is nudged stops together at the edge of the page", () => {
  const now = after(nudge(sheet, ["aaaa", "low1"], { x: -30, y: 5 }));
  expect(boxOf(now, "aaaa")).toMatchObject({ x: 40, y: 105 });
  expect(boxOf(now, "low1")).toMatchObject({ x: 0, y: 15 });
  expect(nudge(sheet, [], { x: 1, y: 0 })).toBeUndefined();
});

test("what is carried stays on its page together", () => {
  const boxes = carried(sheet.fields.slice(0, 2), { x: 0, y: -500 }, page);
  expect([...boxes.values()].map(({ y }) => y)).toEqual([0, 100]);
});

test("what is put where it lies already is not changed", () => {
  expect(
    putAt(sheet, "Moved", new Map([["aaaa", { x: 50, y: 100, width: 100, height: 20 }]])),
  ).toBeUndefined();
  expect(boxOf(after(stretch(sheet, ["aaaa"], { x: 10, y: 10 })), "aaaa")).toMatchObject({ width: 110 });
});

test("a field is laid onto the page, and taken in hand", () => {
  const command = layField("choice", page, { x: 550, y: 790, width: 120, height: 24 });
  const now = after(command);
  const laid = now.fields.at(-1);
  expect(command.select).toEqual([laid?.id]);
  expect(laid?.box).toMatchObject({ x: 480, y: 776 });
});

test("copies are laid below all that is in hand, without numbers, and taken in hand", () => {
  const numbered = after(
    changeSome(sheet, ["aaaa"], "Number changed", (field) => ({ ...field, number: "7" })),
  );
  const command = layAgain(numbered, ["aaaa", "low1"], "y", () => ({ blanks: [], rules: [], text: [] }));
  const now = after(command, numbered);
  expect(now.fields.at(-1)).toMatchObject({ number: "", box: { y: 218 } });
  expect(now.fixtures.at(-1)?.box.y).toBe(128);
  expect(command?.select).toHaveLength(2);
});

test("what is locked is neither moved nor taken away", () => {
  const locked = after(changeSome(sheet, ["aaaa"], "Locked", (field) => ({ ...field, locked: true })));
  expect(nudge(locked, ["aaaa"], { x: 5, y: 5 })).toBeUndefined();
  expect(removeAll(locked, ["aaaa"])).toBeUndefined();
  const both = after(nudge(locked, ["aaaa", "bbbb"], { x: 5, y: 0 }), locked);
  expect([boxOf(both, "aaaa")?.x, boxOf(both, "bbbb")?.x]).toEqual([
    boxOf(sheet, "aaaa")?.x,
    (boxOf(sheet, "bbbb")?.x ?? 0) + 5,
  ]);
});

test("fields that are alike are found by kind, or by size too", () => {
  const wider = after(
    changeSome(sheet, ["bbbb"], "Wider", (field) => ({ ...field, box: { ...field.box, width: 300 } })),
  );
  const [one] = wider.fields;
  expect(selectLike(wider, one as Field, "size")).toEqual(["aaaa", "cccc"]);
  expect(selectLike(wider, one as Field, "kind")).toEqual(["aaaa", "bbbb", "cccc"]);
});

test("what is taken away is named, and no longer in hand", () => {
  expect(removeAll(sheet, ["bbbb"])?.label).toBe("Removed: Answer box 2");
  const command = removeAll(sheet, ["bbbb", "low1"]);
  expect([command?.label, command?.select]).toEqual(["2 removed", []]);
  expect(after(command).keys).toEqual({});
  expect(removeAll(sheet, ["gone"])).toBeUndefined();
});

test("parts of one question take one number, and the next goes on", () => {
  const now = after(numberAsParts(sheet, sheet.fields.slice(0, 2)));
  expect(now.fields.map(({ number }) => number)).toEqual(["1a", "1b", "2"]);
});

test("fields are marked together, and one by one again", () => {
  const together = after(markTogether(sheet, sheet.fields.slice(0, 2)));
  const [group] = together.groups;
  if (!group) throw new Error("there is no group");
  expect(group.fields).toEqual(["aaaa", "bbbb"]);
  expect(after(changeGroup(together, { ...group, points: 3 }), together).groups[0]?.points).toBe(3);
  expect(after(markOneByOne(together, group), together).groups).toEqual([]);
});

test("a key is set by the field's id, wherever the selection has gone; of a field that is gone there is none", () => {
  const key = {
    kind: "answer_box" as const,
    text: "flood",
    also: [],
    partly: [],
    refused: [],
    follows: null,
    comparison: null,
  };
  expect(after(setKey(sheet, "aaaa", key)).keys["aaaa"]).toEqual(key);
  expect(after(setKey(sheet, "bbbb", null)).keys).toEqual({});
  expect(setKey(sheet, "gone", key)).toBeUndefined();
  expect(changeSome(sheet, ["gone"], "Changed", (field) => field)).toBeUndefined();
  expect(changeFields("Changed", [])).toBeUndefined();
});

test("a fixture is laid above all others, changed, and put in another layer", () => {
  expect(after(layFixture(line("new1"))).fixtures.at(-1)?.id).toBe("new1");
  const order = (to: "top" | "up" | "down" | "bottom", id: string) => {
    const fixture = sheet.fixtures.find((other) => other.id === id) as Fixture;
    const command = layer(sheet, fixture, to);
    return command && after(command).fixtures.map((other) => other.id);
  };
  expect(order("up", "low1")).toEqual(["mid1", "low1", "top1"]);
  expect(order("top", "low1")).toEqual(["mid1", "top1", "low1"]);
  expect(order("bottom", "top1")).toEqual(["top1", "low1", "mid1"]);
  expect(order("down", "low1")).toBeUndefined();
  const arrow = (fixture: Fixture): Fixture =>
    fixture.kind === "line" ? { ...fixture, heads: "end" } : fixture;
  expect(after(changeFixture(sheet, "low1", "Look changed", arrow)).fixtures[0]).toMatchObject({
    heads: "end",
  });
  expect(changeFixture(sheet, "gone", "Look changed", arrow)).toBeUndefined();
});

test("a worksheet is renamed when that says something new, and its decimal sign set", () => {
  expect(after(rename(sheet, " Tides of the bay ")).title).toBe("Tides of the bay");
  expect([rename(sheet, "Tides "), rename(sheet, "  ")]).toEqual([undefined, undefined]);
  expect(after(setDecimal(sheet, ",")).settings.decimal).toBe(",");
});

test("what is pasted has its key, lies aside of itself, and is in hand", () => {
  const copy = copied(sheet, ["bbbb", "low1"]);
  const command = copy && paste(sheet, copy, sheet.pages[0] as Document["pages"][number]);
  const now = after(command);
  const laid = now.fields.at(-1) as Field;
  expect(laid.box).toMatchObject({ x: (boxOf(sheet, "bbbb")?.x ?? 0) + 12, y: 212 });
  expect(now.keys[laid.id]).toEqual(sheet.keys["bbbb"]);
  expect(now.fixtures).toHaveLength(sheet.fixtures.length + 1);
  expect(command?.select).toHaveLength(2);
  const again = copy && after(paste(now, copy, now.pages[0] as Document["pages"][number]), now);
  expect(again?.fields.at(-1)?.box.y).toBe(224);
});

test("what was cut comes back where it was, with the number that it had", () => {
  const numbered = after(
    changeSome(sheet, ["aaaa"], "Number changed", (field) => ({ ...field, number: "7" })),
  );
  const copy = copied(numbered, ["aaaa"]);
  const page = sheet.pages[0] as Document["pages"][number];
  const cut = after(removeAll(numbered, ["aaaa"]), numbered);
  expect(copy && after(paste(cut, copy, page), cut).fields.at(-1)).toMatchObject({
    number: "7",
    box: { y: 100 },
  });
  expect(copy && after(paste(numbered, copy, page), numbered).fields.at(-1)).toMatchObject({ number: "" });
});
