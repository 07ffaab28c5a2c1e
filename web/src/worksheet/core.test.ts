// The browser applies edits at once; the core's word counts. Here the one is held to the other.

import { expect, test } from "vitest";
import type { Document, Edit } from "../api/teacher";
import cases from "../generated/edit_cases.json";
import { lookOf } from "../ui/pictures";
import { applied } from "./edits";

/** Every kind of edit there is. One more does not compile without a case of its own below. */
const OPS: Record<Edit["op"], true> = {
  place: true,
  change: true,
  remove: true,
  set_key: true,
  rename: true,
  set_settings: true,
  set_style: true,
  set_groups: true,
  set_instructions: true,
  set_skills: true,
  swap_paper: true,
  move_page: true,
  turn_page: true,
  refuse_found: true,
  insert_page: true,
  show_page: true,
  set_page_aside: true,
  bring_page_back: true,
  forget_page: true,
  lay_fixture: true,
  change_fixture: true,
  layer_fixture: true,
  remove_fixture: true,
};

/** The order of reading is the server's to say. */
const inAnyOrder = (document: Document) => ({
  ...document,
  fields: [...document.fields].sort((a, b) => a.id.localeCompare(b.id)),
});

test.each(cases)("$name does in the browser what it does in the core", ({ before, edits, after }) => {
  const done = applied(before as unknown as Document, edits as unknown as Edit[]);
  expect(inAnyOrder(done)).toEqual(inAnyOrder(after as unknown as Document));
});

test.each(cases)("pages look after $name as the server says", ({ after, looks }) => {
  expect((after as unknown as Document).pages.map(lookOf)).toEqual(looks);
});

test("there is a case for every kind of edit", () => {
  const tried = new Set(cases.flatMap(({ edits }) => edits.map(({ op }) => op)));
  expect([...tried].sort()).toEqual(Object.keys(OPS).sort());
});
