import { expect, test } from "vitest";
import type { Document, Edit, Field } from "../api/teacher";
import { answerBox } from "../kinds/answer_box/teacher";
import { USUAL } from "../kinds/look";
import { applied, inverse, joined } from "./edits";

const box = (id: string, x = 10): Field => answerBox.draw(id, "page1", { x, y: 10, width: 50, height: 20 });
const key = (text: string) => ({
  kind: "answer_box" as const,
  text,
  also: [],
  partly: [],
  refused: [],
  follows: null,
  comparison: null,
});
function page(id: string, width: number, height: number): Document["pages"][number] {
  return {
    id,
    source: "0".repeat(64),
    number: 0,
    turn: 0,
    whiten: false,
    corners: null,
    refused: [],
    width,
    height,
  };
}

const said = (text: string) => ({
  language: "en",
  paragraphs: [
    {
      style: "body" as const,
      align: "left" as const,
      runs: [{ text, bold: false, italic: false, underline: false, colour: null }],
    },
  ],
  sound: null,
});

const GROUP = { id: "group1", fields: ["aaaa", "bbbb"], any_order: true, all_or_nothing: false, points: 2 };

const sheet: Document = {
  version: 9,
  title: "Tides",
  pages: [page("page1", 600, 800), page("page2", 800, 600), page("page3", 600, 800)],
  aside: [page("page9", 600, 800)],
  fixtures: [],
  fields: [box("aaaa"), box("bbbb")],
  keys: { bbbb: key("4.6") },
  groups: [GROUP],
  settings: { decimal: "." },
  style: USUAL,
  instructions: { "": [said("Read first.")], page9: [said("This page is old.")] },
  skills: [{ id: "read1", name: "Reading" }],
};

const FLAT = {
  width: 500,
  height: 700,
  whiten: true,
  corners: [
    { x: 10, y: 20 },
    { x: 580, y: 40 },
    { x: 590, y: 780 },
    { x: 5, y: 760 },
  ],
};

const CASES: Record<string, Edit[]> = {
  place: [{ op: "place", field: box("cccc") }],
  change: [{ op: "change", field: box("aaaa", 99) }],
  "remove with a key": [{ op: "remove", field_id: "bbbb" }],
  "set a key": [{ op: "set_key", field_id: "aaaa", key: key("low") }],
  "take a key away": [{ op: "set_key", field_id: "bbbb", key: null }],
  "settle how answers are read": [{ op: "set_settings", settings: { decimal: "," } }],
  "set groups": [{ op: "set_groups", groups: [] }],
  "instruct the worksheet": [{ op: "set_instructions", page_id: null, instructions: [said("Begin.")] }],
  "instruct a page": [{ op: "set_instructions", page_id: "page1", instructions: [said("Begin.")] }],
  "take instructions away": [{ op: "set_instructions", page_id: null, instructions: [] }],
  "settle skills": [{ op: "set_skills", skills: [] }],
  rename: [{ op: "rename", title: "Low tides" }],
  "swap the paper of a page": [{ op: "swap_paper", page_id: "page2", with_id: "page9" }],
  "move a page": [{ op: "move_page", page_id: "page3", to: 0 }],
  "turn a page": [{ op: "turn_page", page_id: "page1", by: 90 }],
  "turn a page the other way": [{ op: "turn_page", page_id: "page1", by: 270 }],
  "put a page in": [{ op: "insert_page", page: page("page8", 600, 800), to: 1 }],
  "show a page flattened": [{ op: "show_page", page_id: "page2", shown: FLAT }],
  "show a turned page flattened": [
    { op: "turn_page", page_id: "page2", by: 90 },
    { op: "show_page", page_id: "page2", shown: FLAT },
  ],
  "set a page aside": [{ op: "set_page_aside", page_id: "page2" }],
  "set a page aside with what lies on it": [
    { op: "remove", field_id: "aaaa" },
    { op: "remove", field_id: "bbbb" },
    { op: "set_page_aside", page_id: "page1" },
  ],
  "bring a page back": [{ op: "bring_page_back", page_id: "page9", to: 1 }],
  "several in a row": [
    { op: "place", field: box("cccc") },
    { op: "set_key", field_id: "cccc", key: key("1") },
    { op: "change", field: box("cccc", 5) },
    { op: "remove", field_id: "aaaa" },
    { op: "rename", title: "Other" },
  ],
};

const byId = (document: Document) => ({
  ...document,
  fields: [...document.fields].sort((a, b) => a.id.localeCompare(b.id)),
});

test.each(Object.entries(CASES))("%s is taken back whole", (_, edits) => {
  const after = applied(sheet, edits);
  expect(after).not.toEqual(sheet);
  expect(byId(applied(after, inverse(sheet, edits)))).toEqual(byId(sheet));
});

test("what lies on a page turns with it", () => {
  const { fields, pages } = applied(sheet, [{ op: "turn_page", page_id: "page1", by: 90 }]);
  expect(pages[0]).toMatchObject({ turn: 90, width: 800, height: 600 });
  expect(fields[0]?.box).toEqual({ x: 770, y: 10, width: 20, height: 50 });
});

test("joining edits changes nothing about where they lead", () => {
  const edits: Edit[] = [
    { op: "set_key", field_id: "aaaa", key: key("l") },
    { op: "set_key", field_id: "aaaa", key: key("lo") },
    { op: "set_key", field_id: "bbbb", key: key("lo") },
    { op: "change", field: box("aaaa", 1) },
    { op: "change", field: box("aaaa", 2) },
    { op: "rename", title: "A" },
    { op: "rename", title: "B" },
  ];
  expect(applied(sheet, joined(edits))).toEqual(applied(sheet, edits));
  expect(joined(edits)).toHaveLength(4);
});
