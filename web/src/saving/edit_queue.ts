// A teacher's edits on their way to the server: kept on the device until the server has them, sent in order,
// one batch at a time. A batch that is sent twice is applied once.

import { Failure } from "../api/failure";
import type { Edit, Schemas } from "../api/teacher";
import { joined } from "../worksheet/edits";
import { forget, keep, kept, recall } from "./device";
import { Retry } from "./retry";
import type { SaveState } from "./state";

/** Milliseconds that typing may pause before it is sent; everything else is sent at once. */
const TYPING_PAUSE = 400;

interface Batch {
  revision: number;
  batch: string;
  edits: Edit[];
}

interface Waiting {
  /** Sent, with no answer yet. */
  sent: Batch | null;
  /** Not sent yet; made after `sent`. */
  next: Edit[];
  revision: number;
}

export interface Wire {
  send(batch: Batch): Promise<{ revision: number; order: string[] }>;
  /** Called with the order of the fields after each save. */
  onOrder(order: string[]): void;
  /** Somebody else changed the worksheet; `edits` are ours that are not saved. */
  onStale(worksheet: Schemas["WorksheetOut"], edits: Edit[]): void;
  onState(state: SaveState): void;
}

/** The refusal of edits made on an old revision, with the worksheet as it is now. */
export class Stale extends Error {
  constructor(readonly worksheet: Schemas["WorksheetOut"]) {
    super("stale");
  }
}

export class EditQueue {
  private waiting: Waiting;
  private busy = false;
  private pause: ReturnType<typeof setTimeout> | undefined;
  private stopped = false;
  private readonly retry = new Retry(() => void this.send());

  constructor(
    private readonly name: string,
    revision: number,
    private readonly wire: Wire,
  ) {
    this.waiting = { sent: null, next: [], revision };
  }

  /** Send what a reload or a closed tab left behind. False when there was nothing. */
  async resume(): Promise<boolean> {
    const left = recall<Waiting>(this.name);
    if (!left) return false;
    this.waiting = left;
    await this.send();
    return true;
  }

  get unsaved(): boolean {
    return this.waiting.sent !== null || this.waiting.next.length > 0;
  }

  push(edits: Edit[], typing = false): void {
    this.waiting.next = joined([...this.waiting.next, ...edits]);
    const safe = this.remember();
    if (this.stopped) return;
    this.wire.onState(navigator.onLine ? { is: "saving" } : { is: "offline", kept: safe });
    clearTimeout(this.pause);
    if (typing) this.pause = setTimeout(() => void this.send(), TYPING_PAUSE);
    else void this.send();
  }

  /** Begin anew on a revision, with nothing waiting but these edits. */
  restart(revision: number, edits: Edit[]): void {
    this.stopped = false;
    this.waiting = { sent: null, next: edits, revision };
    this.remember();
    if (edits.length > 0) void this.send();
    else this.wire.onState({ is: "saved" });
  }

  async send(): Promise<void> {
    clearTimeout(this.pause);
    if (this.busy || this.stopped || !this.unsaved) return;
    this.busy = true;
    this.wire.onState({ is: "saving" });
    this.waiting.sent ??= this.batch();
    const safe = this.remember();
    try {
      const { revision, order } = await this.wire.send(this.waiting.sent);
      this.waiting = { sent: null, next: this.waiting.next, revision };
      this.remember();
      this.retry.reset();
      this.wire.onOrder(order);
      if (!this.unsaved) this.wire.onState({ is: "saved" });
    } catch (problem) {
      this.failed(problem, safe);
    } finally {
      this.busy = false;
    }
    if (this.waiting.sent === null && this.waiting.next.length > 0) await this.send();
  }

  private batch(): Batch {
    const { revision, next } = this.waiting;
    this.waiting.next = [];
    return { revision, batch: newBatch(), edits: next };
  }

  private failed(problem: unknown, safe: boolean): void {
    if (problem instanceof Stale) {
      this.stopped = true;
      const edits = [...(this.waiting.sent?.edits ?? []), ...this.waiting.next];
      this.wire.onStale(problem.worksheet, edits);
    } else if (problem instanceof Failure && !problem.passing) {
      this.stopped = true;
      this.wire.onState({ is: "stopped", code: problem.code, message: problem.message });
    } else {
      this.wire.onState({ is: "offline", kept: safe });
      this.retry.later();
    }
  }

  private remember(): boolean {
    if (this.unsaved) return keep(this.name, this.waiting);
    forget(this.name);
    return true;
  }
}

function newBatch(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, "$1-$2-$3-$4-$5");
}

/**
 * The name of this tab's queue: its own across reloads; a new tab takes over one that was closed with edits unsaved.
 * Browsers without locks (an insecure address) cannot tell who is still open, so there a tab only knows its own.
 */
export async function queueName(worksheet: string): Promise<string> {
  const start = `velum:edits:${worksheet}:`;
  const own = sessionStorage.getItem(start);
  const known = "locks" in navigator ? [...(own ? [own] : []), ...kept(start)] : own ? [own] : [];
  for (const name of known) {
    if (await holds(name)) return name;
  }
  const fresh = start + newBatch();
  await holds(fresh);
  return fresh;

  async function holds(name: string): Promise<boolean> {
    if ("locks" in navigator && !(await lock(name))) return false;
    sessionStorage.setItem(start, name);
    return true;
  }
}

/** Whether nobody else holds a name; this tab then does until it is closed. */
function lock(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(name, { ifAvailable: true }, (held) => {
      resolve(held !== null);
      return held === null ? undefined : new Promise(() => undefined);
    });
  });
}
