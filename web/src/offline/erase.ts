// Taking what a device keeps of copies off it, whichever part of the sheet kept it.

import { openDB } from "idb";

/** What is kept of a copy is named "velum:what:copy", and it may be something of that. */
const copyIn = (name: string): string => name.split(":")[2] ?? "";

interface Row {
  name: string;
  value: unknown;
  order: number;
}

/** An answer, as saving/answer_keeper.ts keeps it. */
interface Held {
  revision: number;
  answer: object;
  typed: number;
  order?: number;
  sent?: boolean;
}

/** Milliseconds: a year, which is the most that a server believes. */
const LONGEST_AGE = 365 * 24 * 3600 * 1000;

const database = () =>
  openDB("velum", 1, {
    upgrade: (made) => void made.createObjectStore("kept", { keyPath: ["name", "tab"] }),
  });

/** What of a copy the server may not have, as far as this device knows. */
export interface Unsent {
  copy: string;
  /** Answers, as they are sent. */
  changes: object[];
  /** How many files wait, which are sent by the sheet alone. */
  files: number;
}

/** Which of these copies have answers or files that the server may not have. */
export async function unsentOf(copies: readonly string[]): Promise<Unsent[]> {
  const opened = await database();
  const rows = (await opened.getAll("kept")) as Row[];
  opened.close();
  // Each tab has kept a row of its own: of several of one name the one of the highest order counts.
  const newest = new Map<string, Row>();
  for (const row of rows)
    if (row.order >= (newest.get(row.name)?.order ?? -Infinity)) newest.set(row.name, row);
  const device = newest.get("velum:device")?.value;
  const all = copies.map((copy) => {
    const of = [...newest.values()].filter(({ name }) => copyIn(name) === copy);
    const held = of.filter(
      ({ name, value }) => name.startsWith("velum:copy:") && isUnsent(value as Held | null),
    );
    return {
      copy,
      changes: held.map(({ name, value }) => change(name, value as Held, device)),
      files: of.filter(({ name }) => name.startsWith("velum:file:")).length,
    };
  });
  return all.filter(({ changes, files }) => changes.length > 0 || files > 0);
}

const isUnsent = (held: Held | null): boolean => Boolean(held?.answer && !held.sent);

function change(kept: string, { revision, answer, typed, order }: Held, device: unknown): object {
  const [field_id, entry = ""] = kept.split(":").slice(3).join(":").split("/");
  const age = Math.min(LONGEST_AGE, Math.max(0, Math.round(Date.now() - typed)));
  return {
    field_id,
    entry,
    revision,
    answer,
    age,
    device: typeof device === "string" ? device : "",
    order: order ?? typed,
  };
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
