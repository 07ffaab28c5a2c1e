// Taking what a device keeps of copies off it, whichever part of the sheet kept it.

import { openDB } from "idb";

/** What is kept of a copy is named "velum:what:copy", and it may be something of that. */
const copyIn = (name: string): string => name.split(":")[2] ?? "";

interface Row {
  name: string;
  value: unknown;
  order: number;
}

const database = () =>
  openDB("velum", 1, {
    upgrade: (made) => void made.createObjectStore("kept", { keyPath: ["name", "tab"] }),
  });

/** Which of these copies have answers or files that the server does not have. */
export async function copiesUnsent(copies: readonly string[]): Promise<string[]> {
  const opened = await database();
  const rows = (await opened.getAll("kept")) as Row[];
  opened.close();
  // Each tab has kept a row of its own: of several of one name the one of the highest order counts.
  const newest = new Map<string, Row>();
  for (const row of rows)
    if (row.order >= (newest.get(row.name)?.order ?? -Infinity)) newest.set(row.name, row);
  const unsent = [...newest.values()].filter(
    ({ name, value }) =>
      name.startsWith("velum:file:") ||
      (name.startsWith("velum:copy:") && (value as { sent?: boolean } | null)?.sent !== true),
  );
  const found = new Set(unsent.map(({ name }) => copyIn(name)));
  return copies.filter((copy) => found.has(copy));
}

/** Forget all that is kept of these copies, and the sheets that would open without a network. */
export async function eraseCopies(copies: readonly string[]): Promise<void> {
  const opened = await database();
  const writing = opened.transaction("kept", "readwrite");
  for (const key of await writing.store.getAllKeys()) {
    const [name] = key as [string, string];
    if (copies.includes(copyIn(name))) await writing.store.delete(key);
  }
  await writing.done;
  opened.close();
  if ("caches" in globalThis) await Promise.all(copies.map((copy) => caches.delete(`velum:sheet:${copy}`)));
}
