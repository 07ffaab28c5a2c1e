import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { beforeEach, expect, test, vi } from "vitest";
import { openDevice } from "./device";

const COPY = "velum:copy:1:";
const BOX = `${COPY}box1`;

/** The local storage of a browser, as older releases used it. */
class Local {
  [name: string]: unknown;
  getItem = (name: string) => (this[name] as string | undefined) ?? null;
  removeItem = (name: string) => void Reflect.deleteProperty(this, name);
}

function local(values: Record<string, string> = {}): Local {
  const storage = new Local();
  for (const method of ["getItem", "removeItem"])
    Object.defineProperty(storage, method, { enumerable: false });
  Object.assign(storage, values);
  vi.stubGlobal("localStorage", storage);
  return storage;
}

const open = () => openDevice([COPY]);

/** Everything that was begun is done: transactions are carried out one after the other. */
async function settled(): Promise<void> {
  for (let i = 0; i < 5; i++) await new Promise((resolve) => setTimeout(resolve, 5));
}

beforeEach(() => {
  vi.stubGlobal("indexedDB", new IDBFactory());
  local();
});

test("what is kept is there when the screen is opened again, and forgotten once it is forgotten", async () => {
  const device = await open();
  expect(device.keep(BOX, { text: "ebb" }, 3)).toBe(true);
  expect(device.recall(BOX)).toEqual({ text: "ebb" });
  await settled();
  const again = await open();
  expect(again.recall(BOX)).toEqual({ text: "ebb" });
  expect(again.kept(COPY)).toEqual([BOX]);
  again.forget(BOX);
  await settled();
  expect((await open()).kept(COPY)).toEqual([]);
});

test("what is changed after it was kept is not what was kept", async () => {
  const device = await open();
  const value = { edits: ["one"] };
  device.keep(BOX, value);
  value.edits.push("two");
  expect(device.recall(BOX)).toEqual({ edits: ["one"] });
});

test("no tab writes over what another has kept: the value of the highest order counts", async () => {
  const [one, other] = [await open(), await open()];
  one.keep(BOX, "newer", 9);
  other.keep(BOX, "older", 4);
  await settled();
  expect((await open()).recall(BOX)).toBe("newer");
  expect(other.recall(BOX)).toBe("newer");
  other.forget(BOX, 4);
  await settled();
  expect((await open()).recall(BOX)).toBe("newer");
  expect(one.recall(BOX)).toBe("newer");
});

test("a tab is told of what another keeps, and of nothing that is not its own", async () => {
  const [one, other] = [await open(), await openDevice(["velum:copy:2:"])];
  const told: string[] = [];
  const heard: string[] = [];
  const third = await open();
  third.watch((name) => told.push(name));
  other.watch((name) => heard.push(name));
  one.keep(BOX, "ebb");
  await settled();
  expect([told, heard]).toEqual([[BOX], []]);
  expect(other.kept("")).toEqual([]);
});

test("what an older release kept is taken over, once, and what cannot be read stays where it is", async () => {
  const storage = local({
    [BOX]: JSON.stringify({ revision: 2, answer: { text: "ebb" }, typed: 7, sent: false }),
    [`${COPY}box2`]: "not JSON",
    "velum:copy:2:box1": "{}",
  });
  const device = await open();
  expect(device.recall(BOX)).toMatchObject({ answer: { text: "ebb" } });
  await settled();
  expect(Object.keys(storage)).toEqual([`${COPY}box2`, "velum:copy:2:box1"]);
  expect((await open()).recall(BOX)).toMatchObject({ typed: 7 });
});

test("a value that is kept already is newer than the same of an older release", async () => {
  (await open()).keep(BOX, { text: "newer", order: 20 }, 20);
  await settled();
  local({ [BOX]: JSON.stringify({ text: "older", order: 12 }) });
  expect((await open()).recall(BOX)).toMatchObject({ text: "newer" });
});

test("bytes are kept as they are", async () => {
  (await open()).keep(BOX, { recording: new Uint8Array([79, 103, 103, 83]) });
  await settled();
  expect((await open()).recall(BOX)).toEqual({ recording: new Uint8Array([79, 103, 103, 83]) });
});

test("a device that keeps nothing is no error: what is kept lasts as long as the screen", async () => {
  const storage = local({ [BOX]: JSON.stringify("waits") });
  vi.stubGlobal("indexedDB", {
    open: () => {
      throw new DOMException("no", "SecurityError");
    },
  });
  const device = await open();
  expect(device.keep(`${COPY}box2`, "ebb")).toBe(false);
  expect(device.recall(`${COPY}box2`)).toBe("ebb");
  expect(Object.keys(storage)).toEqual([BOX]);
});

test("a device that does not answer is not waited for", async () => {
  vi.useFakeTimers();
  vi.stubGlobal("indexedDB", { open: () => ({ addEventListener: () => undefined }) });
  const opening = open();
  await vi.advanceTimersByTimeAsync(3_001);
  vi.useRealTimers();
  expect((await opening).keep(BOX, "ebb")).toBe(false);
});

test("once a write has failed it is said that nothing is kept, and said otherwise when it goes again", async () => {
  const device = await open();
  const put = vi.spyOn(IDBObjectStore.prototype, "put").mockImplementationOnce(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  device.keep(BOX, "ebb");
  await settled();
  put.mockRestore();
  expect(device.keep(BOX, "flood")).toBe(false);
  await settled();
  expect(device.keep(BOX, "slack")).toBe(true);
});
