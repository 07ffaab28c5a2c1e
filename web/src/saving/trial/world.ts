// A world to try saving in: devices that keep things, tabs that come and go, a network that does what it likes, and time
// that passes when it is told to. Ships nothing.

import { Failure, noNetwork } from "../../api/failure";
import type { Device } from "../device";
import type { Surroundings } from "../surroundings";

/** What one device keeps, and its tabs that watch each other. */
export class Storage {
  private readonly values = new Map<string, string>();
  private readonly watching = new Map<object, (name: string) => void>();

  names(start: string): string[] {
    return [...this.values.keys()].filter((name) => name.startsWith(start));
  }

  read<T>(name: string): T | undefined {
    const text = this.values.get(name);
    return text === undefined ? undefined : (JSON.parse(text) as T);
  }

  /** The storage as one tab sees it. */
  seenBy(tab: Tab): Device {
    return {
      recall: (name) => this.read(name),
      keep: (name, value) => {
        if (!tab.open) return false;
        this.values.set(name, JSON.stringify(value));
        for (const [other, told] of this.watching) if (other !== tab) tab.world.soon(() => told(name));
        return true;
      },
      forget: (name) => void (tab.open && this.values.delete(name)),
      kept: (start) => this.names(start),
      watch: (told) => void this.watching.set(tab, (name) => tab.open && told(name)),
    };
  }

  close(tab: Tab): void {
    this.watching.delete(tab);
  }
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

  get busy(): boolean {
    return this.under.length > 0;
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
      while (this.busy) await this.decide(0, "answered");
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
