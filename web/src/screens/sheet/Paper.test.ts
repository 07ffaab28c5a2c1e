// What the pages of a sheet offer to kinds, tried with a kind that uses all of it.

import { USUAL } from "../../kinds/look";
import { render } from "svelte/server";
import { expect, test, vi } from "vitest";
import type { Copy } from "../../api/student";
import { KINDS, type StudentKind } from "../../kinds/student";
import { madeUp } from "./testing/made_up";
import MadeUpSheet from "./testing/MadeUpSheet.svelte";
import type { Device } from "../../saving/device";
import { Working } from "./working.svelte";

vi.spyOn(KINDS, "get").mockImplementation(() => madeUp as unknown as StudentKind<"choice">);
vi.stubGlobal("document", { documentElement: { clientWidth: 800 }, addEventListener: vi.fn() });
vi.stubGlobal("window", { addEventListener: vi.fn() });

const device: Device = {
  recall: () => undefined,
  keep: () => true,
  forget: () => undefined,
  kept: () => [],
  watch: () => undefined,
};
const pages = ["page1", "page2", "page3"].map((id) => ({ id, width: 500, height: 700, turn: 0 }));
const prompts = ["shell", "crab"].map((id) => ({
  id,
  kind: "answer_box",
  page: "page1",
  box: { x: 10, y: 10, width: 100, height: 20 },
  style: USUAL,
  parts: [{ id: "", number: id, place: "" }],
}));
const answer = { kind: "answer_box", version: 1, text: "limpet" };
const copy = {
  id: "copy",
  message: "",
  time: { now: "", open: true, seconds_left: null, limited: false, due_at: null },
  handed_in_at: null,
  checked: [],
  help: [],
  answers: [{ field_id: "crab", entry: "", revision: 1, answer }],
  sheet: { title: "Shore", pages, prompts, fixtures: [], instructions: {} },
} as unknown as Copy;

/** The sheet as it is built at once, with a question in hand. */
function html(question = "crab"): string {
  const working = new Working(copy, device);
  working.current = question;
  return render(MadeUpSheet, { props: { working } }).body;
}

test("a kind lies at all of its places, and keeps one thing for all its fields", () => {
  const found = [...html().matchAll(/data-answering="([^"]*)">(\d) of 2/g)].map(([, place, n]) => [place, n]);
  expect(found).toEqual([
    ["shell", "1"],
    ["crab", "2"],
    ["shell/over", "3"],
    ["crab/over", "4"],
  ]);
});

test("a kind has one layer over each page where it lies, and knows the answers of the sheet", () => {
  const found = [...html().matchAll(/data-layer="([^"]*)">([^<]*)</g)].map(([, page, words]) => [
    page,
    words,
  ]);
  expect(found).toEqual([
    ["page1", "shell false, crab true"],
    ["page2", "shell false, crab true"],
  ]);
});

test("the first page is laid at once, and of the others those of the question in hand", () => {
  const laid = (question: string) =>
    [...html(question).matchAll(/data-layer="([^"]*)"/g)].map(([, page]) => page);
  expect(laid("")).toEqual(["page1"]);
  expect(laid("shell")).toEqual(["page1", "page2"]);
});
