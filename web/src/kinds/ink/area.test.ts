import { expect, test } from "vitest";
import type { Answer, Entry } from "../../api/student";
import type { SheetStore } from "../sheet_store";
import type { PromptOf } from "../student";
import { USUAL } from "../look";
import { ink } from "./student";
import { NOTHING, type Stroke } from "./strokes";
import { Area } from "./tools.svelte";

const PROMPT: PromptOf<"ink"> = {
  kind: "ink",
  id: "sketch01",
  page: "page1",
  box: { x: 0, y: 0, width: 100, height: 100 },
  name: "",
  help: [],
  working_for: null,
  instructions: [],
  parts: [],
  style: USUAL,
  whole_page: false,
};

/** An area on a sheet that keeps its entries, as the sheet does. */
function begun() {
  const entries = new Map<string, Entry>();
  const answers: Record<string, Answer> = {};
  const store: SheetStore = {
    prompts: [PROMPT],
    answers,
    readonly: false,
    seed: "",
    standIn: false,
    files: { waiting: new Map(), put: () => undefined, drop: () => undefined, address: (file) => file },
    change: (_, name, value) => {
      entries.delete(name);
      entries.set(name, value);
      const together = ink.together?.(PROMPT, entries);
      if (together) answers[PROMPT.id] = together;
    },
    of: (_, make) => make(),
  };
  const area = new Area(store, PROMPT);
  return { area, entries, store, paths: () => area.strokes.map(({ stroke }) => stroke.path).sort() };
}

const stroke = (path: string): Stroke => ({ ...NOTHING, path });

test("what was done is undone and done again, step by step", () => {
  const { area, paths } = begun();
  area.add([stroke("m1 1")]);
  area.add([stroke("m2 2")]);
  area.replace(area.strokes.slice(0, 1), [], false);
  expect(paths()).toEqual(["m2 2"]);
  area.undo();
  area.undo();
  expect(paths()).toEqual(["m1 1"]);
  area.redo();
  area.redo();
  expect([paths(), area.canRedo]).toEqual([["m2 2"], false]);
});

test("all that one movement rubs out is one step, also what it made on its way", () => {
  const { area, paths } = begun();
  area.add([stroke("m0 0l9 9")]);
  area.replace(area.strokes, [stroke("m0 0l3 3"), stroke("m6 6l3 3")], false);
  area.replace(area.strokes.slice(0, 1), [stroke("m0 0l1 1")], true);
  expect(paths()).toEqual(["m0 0l1 1", "m6 6l3 3"]);
  area.undo();
  expect(paths()).toEqual(["m0 0l9 9"]);
  area.redo();
  expect(paths()).toEqual(["m0 0l1 1", "m6 6l3 3"]);
  area.undo();
  area.undo();
  expect(paths()).toEqual([]);
});

test("what another device wrote under a name meanwhile is not undone", () => {
  const { area, store, paths } = begun();
  area.add([stroke("m1 1")]);
  const [{ id } = { id: "" }] = area.strokes;
  area.replace(area.strokes, [], false);
  store.change(PROMPT, id, stroke("m7 7"));
  area.undo();
  expect(paths()).toEqual(["m1 1", "m7 7"]);
});

test("where much was rubbed out, names are used again", () => {
  const { area, entries, paths } = begun();
  for (let i = 0; i < 2_200; i++) {
    area.add([stroke(`m${i} 1`)]);
    if (i % 2) area.replace(area.strokes.slice(-1), [], false);
  }
  expect([paths().length, entries.size]).toEqual([1_100, 2_000]);
});
