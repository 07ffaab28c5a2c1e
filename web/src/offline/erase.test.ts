import "fake-indexeddb/auto";
import { openDB } from "idb";
import { expect, test } from "vitest";
import { unsentOf, eraseCopies } from "./erase";

const AMA = "11111111-1111-4111-8111-111111111111";
const BAO = "22222222-2222-4222-8222-222222222222";

async function keep(name: string, value: unknown, tab = "t", order = 1) {
  const opened = await openDB("velum", 1, {
    upgrade: (made) => void made.createObjectStore("kept", { keyPath: ["name", "tab"] }),
  });
  await opened.put("kept", { name, tab, value, order });
  opened.close();
}

async function names(): Promise<string[]> {
  const opened = await openDB("velum", 1);
  const keys = (await opened.getAllKeys("kept")) as [string, string][];
  opened.close();
  return keys.map(([name]) => name).toSorted();
}

test("what was not sent is told, and what is kept of the named copies goes, and nothing else", async () => {
  await keep(`velum:copy:${AMA}:box1`, { sent: true });
  await keep(`velum:flags:${AMA}`, ["box1"]);
  const answer = { kind: "answer_box", version: 1, text: "kelp" };
  await keep(`velum:copy:${BAO}:gap1/e2`, { sent: false, revision: 3, answer, typed: Date.now(), order: 7 });
  await keep("velum:device", "abc");
  await keep(`velum:copy:${AMA}:box2`, { sent: false }, "a tab of before", 1);
  await keep(`velum:copy:${AMA}:box2`, { sent: true }, "t", 2);
  const change = { field_id: "gap1", entry: "e2", revision: 3, answer, device: "abc", order: 7 };
  const changes = [expect.objectContaining(change) as object];
  expect(await unsentOf([AMA, BAO])).toEqual([{ copy: BAO, changes, files: 0 }]);
  await keep(`velum:file:${AMA}:f1`, new Uint8Array(3));
  expect(await unsentOf([AMA])).toEqual([{ copy: AMA, changes: [], files: 1 }]);
  await eraseCopies([AMA]);
  expect(await names()).toEqual([`velum:copy:${BAO}:gap1/e2`, "velum:device"]);
});
