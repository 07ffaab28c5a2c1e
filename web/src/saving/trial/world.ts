// A world to try saving in: devices that keep things, tabs that come and go, a network that does what it likes, and time
// that passes when it is told to. Ships nothing.

import { Failure, noNetwork } from "../../api/failure";
import type { Device } from "../device";
import type { Surroundings } from "../surroundings";

interface Row {
  value: unknown;
  order: number;
}

/** What one device keeps: for each tab what it kept under a name. Its tabs hear of each other a little later. */
export class Storage {
  private readonly rows = new Map<string, Map<object, Row>>();
  private readonly views = new Map<Tab, View>();

  names(start: string): string[] {
    return [...this.rows.keys()].filter((name) => name.startsWith(start));
  }

  /** What would be found if the device were opened now. */
  read<T>(name: string): T | undefined {
    const row = newest(this.rows.get(name));
    return row && (structuredClone(row.value) as T);
  }

  /** The storage as one tab sees it: what was kept when it was opened, and what it has heard since. */
  seenBy(tab: Tab): Device {
    const known = new Map([...this.rows].map(([name, rows]) => [name, new Map(rows)]));
    const view: View = { known, told: () => undefined };
    this.views.set(tab, view);
    return {
      recall: <T>(name: string) => {
        const row = newest(known.get(name));
        return row && (structuredClone(row.value) as T);
      },
      keep: (name, value, order) => {
        if (!tab.open) return false;
        const row = {
          value: structuredClone(value),
          order: order ?? (newest(known.get(name))?.order ?? 0) + 1,
        };
        put(this.rows, name, tab, row);
        put(known, name, tab, row);
        this.tell(tab, (other) => {
          put(other.known, name, tab, row);
          other.told(name);
        });
        return true;
      },
      forget: (name, upTo = Infinity) => {
        if (!tab.open) return;
        take(this.rows, name, upTo);
        take(known, name, upTo);
        this.tell(tab, (other) => take(other.known, name, upTo));
      },
      kept: (start) => [...known.keys()].filter((name) => name.startsWith(start)),
      watch: (told) => (view.told = told),
    };
  }

  close(tab: Tab): void {
    this.views.delete(tab);
  }

  private tell(tab: Tab, what: (other: View) => void): void {
    for (const other of this.views.keys()) {
      if (other === tab) continue;
      tab.world.soon(() => {
        const view = this.views.get(other);
        if (view) what(view);
      });
    }
  }
}

interface View {
  known: Map<string, Map<object, Row>>;
  told: (name: string) => void;
}

function newest(rows: Map<object, Row> | undefined): Row | undefined {
  return [...(rows?.values() ?? [])].sort((a, b) => b.order - a.order)[0];
}

function put(all: Map<string, Map<object, Row>>, name: string, tab: object, row: Row): void {
  all.set(name, (all.get(name) ?? new Map<object, Row>()).set(tab, row));
}

function take(all: Map<string, Map<object, Row>>, name: string, upTo: number): void {
  const rows = all.get(name);
  for (const [tab, row] of rows ?? []) if (row.order <= upTo) rows?.delete(tab);
  if (rows?.size === 0) all.delete(name);
}

/** A page that is open; closed, it does nothing any more, whatever was under way. */
export class Tab {
  open = true;
  readonly around: Surroundings;

  constructor(
    readonly world: World,
    readonly storage: Storage,
  ) {
    this.around = {
      device: storage.seenBy(this),
      now: () => world.now,
      online: () => true,
      later: (what, milliseconds) => world.later(() => this.open && what(), milliseconds),
      onOnline: () => undefined,
      onLeave: () => undefined,
    };
  }

  close(): void {
    this.open = false;
    this.storage.close(this);
  }
}

interface Request {
  tab: Tab;
  /** Have the server answer. */
  serve: () => unknown;
  resolve: (answer: unknown) => void;
  reject: (problem: unknown) => void;
}

/** What becomes of a request. */
export const FATES = ["answered", "lost", "answer lost", "twice", "failed"] as const;
export type Fate = (typeof FATES)[number];

export class World {
  now = 1_000_000;
  private timers: { at: number; what: () => void }[] = [];
  private under: Request[] = [];

  later(what: () => void, milliseconds: number): () => void {
    const timer = { at: this.now + milliseconds, what };
    this.timers.push(timer);
    return () => (this.timers = this.timers.filter((other) => other !== timer));
  }

  soon(what: () => void): void {
    this.later(what, 0);
  }

  /** A request on its way; it waits until its fate is decided. */
  send<T>(tab: Tab, serve: () => T): Promise<T> {
    return new Promise((resolve, reject) => {
      this.under.push({ tab, serve, resolve: resolve as (answer: unknown) => void, reject });
    });
  }

  /** How many requests are under way. */
  get waiting(): number {
    return this.under.length;
  }

  /** Decide what becomes of one of the requests that are under way. */
  async decide(which: number, fate: Fate): Promise<void> {
    const [request] = this.under.splice(which % Math.max(1, this.under.length), 1);
    if (!request) return;
    if (fate === "lost") request.reject(noNetwork());
    else if (fate === "failed") request.reject(new Failure("server.busy", "Busy.", 503));
    else if (fate === "answer lost") {
      attempt(request.serve);
      request.reject(noNetwork());
    } else {
      if (fate === "twice") attempt(request.serve);
      try {
        const answer = request.serve();
        if (request.tab.open) request.resolve(answer);
      } catch (problem) {
        if (request.tab.open) request.reject(problem);
      }
    }
    await settled();
  }

  /** Let time pass. */
  async pass(milliseconds: number): Promise<void> {
    const end = this.now + milliseconds;
    for (;;) {
      const next = this.timers.filter(({ at }) => at <= end).sort((a, b) => a.at - b.at)[0];
      if (!next) break;
      this.timers = this.timers.filter((timer) => timer !== next);
      this.now = Math.max(this.now, next.at);
      next.what();
      await settled();
    }
    this.now = end;
    await settled();
  }

  /** Everything works from now on: wait until nothing is under way. */
  async calm(): Promise<void> {
    for (let i = 0; i < 60; i++) {
      while (this.waiting > 0) await this.decide(0, "answered");
      await this.pass(2_000);
    }
  }
}

function attempt(serve: () => unknown): void {
  try {
    serve();
  } catch {
    // nobody hears of it
  }
}

/** All that is only a promise away has happened. */
async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await Promise.resolve();
}
