// What a browser keeps on its device, in IndexedDB: answers, edits, and files that wait to be sent.
//
// What was kept is read once, when a screen is opened; from then on it is known, and whatever another tab keeps is told. Each
// tab keeps its values under its own name, so that none writes over what another one has just kept: of several values of the
// same thing the one of the highest order counts. A device that keeps nothing (private mode, full) is not an error.

import { openDB, type DBSchema, type IDBPDatabase, type IDBPObjectStore } from "idb";
import { newUuid } from "../worksheet/ids";

export interface Device {
  /** The value of the highest order that was kept under a name; undefined when there is none. */
  recall<T>(name: string): T | undefined;
  /** Keep a value; without an order it counts more than all before it. False when the device keeps nothing. */
  keep(name: string, value: unknown, order?: number): boolean;
  /** Forget what was kept under a name, but for what has a higher order. */
  forget(name: string, upTo?: number): void;
  /** The names under which something is kept, of those that begin with `start`. */
  kept(start: string): string[];
  /** Be told the name of what another tab keeps. */
  watch(told: (name: string) => void): void;
}

interface Row {
  name: string;
  tab: string;
  value: unknown;
  order: number;
}

interface Schema extends DBSchema {
  kept: { key: [string, string]; value: Row };
}

type Told = Row | { name: string; upTo: number };

/** Milliseconds after which a device that does not answer is taken for one that keeps nothing. */
const PATIENCE = 3_000;

const rangeOf = (start: string) => IDBKeyRange.bound([start], [`${start}\uffff`]);

type Rows = IDBPObjectStore<Schema, ["kept"], "kept", "readwrite">;

/** What the device keeps under names that begin with these. */
export async function openDevice(starts: readonly string[]): Promise<Device> {
  const late = new Promise<undefined>((resolve) => setTimeout(() => resolve(undefined), PATIENCE));
  try {
    const opening = openDB<Schema>("velum", 1, {
      upgrade: (database) => void database.createObjectStore("kept", { keyPath: ["name", "tab"] }),
    });
    const database = await Promise.race([opening, late]);
    if (!database) return new Kept(starts);
    const rows = await Promise.all(starts.map((start) => database.getAll("kept", rangeOf(start))));
    return new Kept(starts, database, rows.flat());
  } catch {
    return new Kept(starts);
  }
}

class Kept implements Device {
  private readonly tab = newUuid();
  private readonly rows = new Map<string, Map<string, Row>>();
  private readonly others = "BroadcastChannel" in globalThis ? new BroadcastChannel("velum") : undefined;
  private readonly watching: ((name: string) => void)[] = [];
  private works: boolean;

  constructor(
    private readonly starts: readonly string[],
    private readonly database?: IDBPDatabase<Schema>,
    rows: Row[] = [],
  ) {
    this.works = database !== undefined;
    for (const row of rows) this.know(row);
    if (this.others) this.others.onmessage = ({ data }: MessageEvent<Told>) => this.hear(data);
    this.takeOver();
  }

  recall<T>(name: string): T | undefined {
    return this.newest(name)?.value as T | undefined;
  }

  keep(name: string, value: unknown, order?: number): boolean {
    this.put(name, value, order ?? (this.newest(name)?.order ?? 0) + 1);
    return this.works;
  }

  forget(name: string, upTo = Infinity): void {
    this.unknow(name, upTo);
    this.others?.postMessage({ name, upTo });
    this.write(async (rows) => {
      const own = IDBKeyRange.bound([name], [name, []]);
      for (let at = await rows.openCursor(own); at; at = await at.continue()) {
        if (at.value.order <= upTo) await at.delete();
      }
    });
  }

  kept(start: string): string[] {
    return [...this.rows.keys()].filter((name) => name.startsWith(start));
  }

  watch(told: (name: string) => void): void {
    this.watching.push(told);
  }

  private put(name: string, value: unknown, order: number, done?: () => void): void {
    // As it would come back: what is changed afterwards is not what was kept.
    const row = { name, tab: this.tab, value: structuredClone(value), order };
    this.know(row);
    this.others?.postMessage(row);
    this.write((rows) => {
      void rows.put(row).catch(() => undefined); // the transaction tells
      rows.transaction.commit(); // a page that is closed now has kept it all the same
    }, done);
  }

  /** Take over what older releases kept in the local storage. */
  private takeOver(): void {
    const names = this.database ? Object.keys(globalThis.localStorage ?? {}) : [];
    for (const name of names.filter((name) => this.isOurs(name))) {
      try {
        const value: unknown = JSON.parse(localStorage.getItem(name) ?? "");
        const { order, typed } = (value ?? {}) as { order?: number; typed?: number };
        this.put(name, value, order ?? typed ?? 0, () => localStorage.removeItem(name));
      } catch {
        // it cannot be read, and stays
      }
    }
  }

  private isOurs(name: string): boolean {
    return this.starts.some((start) => name.startsWith(start));
  }

  private newest(name: string): Row | undefined {
    let best: Row | undefined;
    for (const row of this.rows.get(name)?.values() ?? []) if (!best || row.order > best.order) best = row;
    return best;
  }

  private know(row: Row): void {
    const rows = this.rows.get(row.name) ?? new Map<string, Row>();
    this.rows.set(row.name, rows.set(row.tab, row));
  }

  private unknow(name: string, upTo: number): void {
    const rows = this.rows.get(name);
    for (const row of [...(rows?.values() ?? [])]) if (row.order <= upTo) rows?.delete(row.tab);
    if (rows?.size === 0) this.rows.delete(name);
  }

  private hear(told: Told): void {
    if (!this.isOurs(told.name)) return;
    if ("upTo" in told) {
      this.unknow(told.name, told.upTo);
    } else {
      this.know(told);
      for (const tell of this.watching) tell(told.name);
    }
  }

  private write(what: (rows: Rows) => void | Promise<void>, done?: () => void): void {
    if (!this.database) return;
    try {
      const { store, done: ended } = this.database.transaction("kept", "readwrite");
      void Promise.resolve(what(store)).catch(() => undefined); // the transaction tells
      ended.then(
        () => {
          this.works = true;
          done?.();
        },
        () => (this.works = false),
      );
    } catch {
      this.works = false; // the browser has closed the database
    }
  }
}
