// What the store does with steps, with what the server says, and with what another tab did.

import { beforeEach, expect, test, vi } from "vitest";
import type { Document, Edit, Field } from "../../../api/teacher";
import { answerBox } from "../../../kinds/answer_box/teacher";
import type { EditQueue } from "../../../saving/edit_queue";
import { DocumentStore, type Worksheet } from "./document_store.svelte";

const field = (id: string, y: number): Field =>
  answerBox.draw(id, "page1", { x: 10, y, width: 100, height: 20 });
const sheet = {
  title: "Shore",
  pages: [{ id: "page1", width: 500, height: 700, turn: 0 }],
  aside: [],
  fields: [field("aaaa", 10), field("bbbb", 50)],
  fixtures: [],
  keys: {},
  groups: [],
  settings: { decimal: "." },
} as unknown as Document;

const renamed = (title: string): Edit => ({ op: "rename", title });
const queue = {
  pending: [] as Edit[],
  unsent: [] as Edit[],
  unsaved: false,
  push: vi.fn(),
  restart: vi.fn(),
  rebase: vi.fn(),
  settled: () => Promise.resolve(),
};
let store: DocumentStore;
let changed: ReturnType<typeof vi.fn<() => void>>;

beforeEach(() => {
  vi.clearAllMocks();
  changed = vi.fn<() => void>();
  Object.assign(queue, { pending: [], unsent: [], unsaved: false });
  store = new DocumentStore("sheet", sheet, changed);
  store.queue = queue as unknown as EditQueue;
});

test("what is done is shown, sent, taken back and done again", () => {
  store.do({ label: "Renamed", edits: [renamed("Harbour")] });
  expect([store.document.title, store.canUndo, store.canRedo]).toEqual(["Harbour", true, false]);
  expect(store.undo()).toEqual([renamed("Shore")]);
  expect([store.document.title, store.canUndo, store.canRedo]).toEqual(["Shore", false, true]);
  store.redo();
  expect(store.document.title).toBe("Harbour");
  expect(queue.push.mock.calls.map(([edits]) => edits as Edit[])).toEqual([
    [renamed("Harbour")],
    [renamed("Shore")],
    [renamed("Harbour")],
  ]);
});

test("nothing is taken back where nothing was done", () => {
  expect(store.undo()).toBeUndefined();
  expect(store.redo()).toBeUndefined();
  expect(queue.push).not.toHaveBeenCalled();
});

test("fields stand in the order that the server reads them in, new ones last", () => {
  store.saved(["bbbb"]);
  expect(store.fields.map(({ id }) => id)).toEqual(["bbbb", "aaaa"]);
  expect([store.number(store.fields[0] as Field), store.saves]).toEqual(["1", 1]);
});

const theirs = { revision: 7, document: { ...sheet, title: "Theirs" } } as unknown as Worksheet;

test("another tab was faster: ours go on top, or are let go, and no step before can be taken back", () => {
  for (const keepOurs of [true, false]) {
    store.do({ label: "Renamed", edits: [renamed("Ours")] });
    queue.unsent = [renamed("Ours, later")];
    store.overtaken(theirs, [renamed("Ours")]);
    expect([store.stale !== null, store.saving.is, store.overtakenCount]).toEqual([true, "stopped", 2]);
    store.settle(keepOurs);
    expect([store.stale, store.canUndo, store.document.title]).toEqual([null, false, "Theirs"]);
    const [revision, ours] = queue.restart.mock.lastCall as [number, Edit[]];
    expect([revision, ours.at(-1)]).toEqual([7, keepOurs ? renamed("Ours, later") : undefined]);
    expect(changed).toHaveBeenCalled();
    changed.mockClear();
  }
});

test("where this tab brings files in itself, nobody has to decide", () => {
  store.bringIn(true);
  store.overtaken(theirs, [renamed("Ours")]);
  expect([store.stale, store.saving.is]).toEqual([null, "saved"]);
  store.bringIn(false);
  store.overtaken(theirs, [renamed("Ours")]);
  expect(store.stale).not.toBeNull();
});

test("what is not saved yet stops what needs the server to know all", async () => {
  await store.allSaved();
  queue.unsaved = true;
  await expect(store.allSaved()).rejects.toMatchObject({ code: "edits.unsaved" });
});
