// A teacher's edits on their way to the server: kept on the device until the server has them, sent in order, one batch at
// a time. A batch that is sent twice is applied once. An edit that the server refuses is set aside by itself, for the
// teacher to correct or to leave out, and everything else goes on.

import { Failure, type Fault } from "../api/failure";
import type { Edit, Schemas } from "../api/teacher";
import { joined, subjectOf } from "../worksheet/edits";
import { newUuid } from "../worksheet/ids";
import { Retry } from "./retry";
import type { SaveState } from "./state";
import type { Device } from "./device";
import type { Surroundings } from "./surroundings";

/** Milliseconds that typing may pause before it is sent; everything else is sent at once. */
const TYPING_PAUSE = 400;

/** How many times a batch is sent on which the server fails, before the edit that it fails on is looked for. */
const PATIENCE = 3;

interface Batch {
  revision: number;
  batch: string;
  edits: Edit[];
}

/** An edit that the server does not take, and why. */
export interface Refused {
  edit: Edit;
  code: string;
  message: string;
}

interface Waiting {
  /** The version of the documents that the edits were made for. */
  version: number;
  /** Sent, with no answer yet. */
  sent: Batch | null;
  /** Not sent yet; made after `sent`. */
  next: Edit[];
  /** What they will be sent as: a tab that is closed as it sends them may leave a device that knows of no sending. */
  nextBatch: string;
  refused: Refused[];
  revision: number;
}

export interface Wire {
  /** Throws Stale and Failure. */
  send(batch: Batch & { version: number }): Promise<{ revision: number; order: string[] }>;
  /** Called with the order of the fields after each save. */
  onOrder(order: string[]): void;
  /** Somebody else changed the worksheet; `sent` are the edits that came too late, as the server reads them. */
  onStale(worksheet: Schemas["WorksheetOut"], sent: Edit[]): void;
  /** Somebody else's edits came between ours, which are saved: what is shown is not all that there is. */
  onBehind(): void;
  onRefused(refused: Refused[]): void;
  onState(state: SaveState): void;
}

/** The refusal of edits made on an old revision, with the worksheet as it is now, and the edits as the server reads them. */
export class Stale extends Error {
  constructor(
    readonly worksheet: Schemas["WorksheetOut"],
    readonly edits: Edit[],
  ) {
    super("stale");
  }
}

export class EditQueue {
  private waiting: Waiting;
  private sending: Promise<void> | undefined;
  private takeBack: (() => void) | undefined;
  private stopped = false;
  private failures = 0;
  private readonly retry: Retry;

  constructor(
    private readonly name: string,
    private readonly version: number,
    revision: number,
    private readonly wire: Wire,
    private readonly around: Surroundings,
  ) {
    this.waiting = { version, sent: null, next: [], nextBatch: newUuid(), refused: [], revision };
    this.retry = new Retry(around, () => void this.send());
  }

  /** Send what a reload or a closed tab left behind. False when there was nothing. */
  async resume(): Promise<boolean> {
    const left = this.around.device.recall<Partial<Waiting> & Pick<Waiting, "revision">>(this.name);
    if (!left) return false;
    this.waiting = { version: 2, sent: null, next: [], nextBatch: newUuid(), refused: [], ...left };
    if (this.waiting.refused.length > 0) this.wire.onRefused(this.waiting.refused);
    await this.send();
    return true;
  }

  /** Whether there is anything that the server does not have, apart from what it has refused. */
  get unsaved(): boolean {
    return this.waiting.sent !== null || this.waiting.next.length > 0;
  }

  /** What was never sent. */
  get unsent(): Edit[] {
    return this.waiting.next;
  }

  /** All edits that the server does not have, in their order; what it has refused is shown as it was typed. */
  get pending(): Edit[] {
    const { sent, next, refused } = this.waiting;
    return [...(sent?.edits ?? []), ...next, ...refused.map(({ edit }) => edit)];
  }

  push(edits: Edit[], typing = false): void {
    this.waiting.next = joined([...this.waiting.next, ...edits]);
    const safe = this.remember();
    if (this.stopped) return;
    this.wire.onState(this.around.online() ? { is: "saving" } : { is: "offline", kept: safe });
    this.takeBack?.();
    if (typing) this.takeBack = this.around.later(() => void this.send(), TYPING_PAUSE);
    else void this.send();
  }

  /** Begin anew on a revision, with nothing waiting but these edits. */
  restart(revision: number, edits: Edit[]): void {
    this.stopped = false;
    this.waiting = {
      ...this.waiting,
      version: this.version,
      sent: null,
      next: edits,
      nextBatch: newUuid(),
      revision,
    };
    this.remember();
    if (edits.length > 0) void this.send();
    else this.wire.onState({ is: "saved" });
  }

  /** The worksheet has another revision now, and nothing is under way. */
  rebase(revision: number): void {
    this.waiting.revision = revision;
    this.remember();
  }

  /** Leave out an edit that was refused. */
  leaveOut(subject: string): void {
    this.setRefused(this.waiting.refused.filter(({ edit }) => subjectOf(edit) !== subject));
  }

  /** Send an edit again that was refused. */
  tryAgain(subject: string): void {
    const edits = this.waiting.refused
      .filter(({ edit }) => subjectOf(edit) === subject)
      .map(({ edit }) => edit);
    this.leaveOut(subject);
    this.push(edits);
  }

  /** Resolves once nothing is under way: the server has everything, or cannot have it now. */
  async settled(): Promise<void> {
    while (this.unsaved && !this.stopped) {
      const before = this.waiting.sent?.batch ?? "";
      await this.send();
      if (this.unsaved && this.waiting.sent?.batch === before) return; // tried, to no avail
    }
    await this.sending;
  }

  /** Send what waits. Resolves when the try is over, whatever came of it. */
  async send(): Promise<void> {
    this.takeBack?.();
    if (this.sending) return this.sending;
    if (this.stopped || !this.unsaved) return;
    this.sending = this.sendAll().finally(() => (this.sending = undefined));
    await this.sending;
  }

  private async sendAll(): Promise<void> {
    while (this.unsaved && !this.stopped) {
      this.wire.onState({ is: "saving" });
      const batch = this.waiting.sent ?? this.takeNext();
      const safe = this.remember();
      try {
        const { revision, order } = await this.wire.send({ ...batch, version: this.waiting.version });
        this.saved(batch, revision, order);
      } catch (problem) {
        if (!this.goesOnAfter(problem, batch, safe)) return;
      }
    }
    if (!this.stopped) this.wire.onState({ is: "saved" });
  }

  private takeNext(): Batch {
    const { revision, next, nextBatch } = this.waiting;
    const sent = { revision, batch: nextBatch, edits: next };
    this.waiting = { ...this.waiting, sent, next: [], nextBatch: newUuid() };
    return sent;
  }

  private saved(batch: Batch, revision: number, order: string[]): void {
    this.failures = 0;
    this.retry.reset();
    this.waiting = { ...this.waiting, sent: null, revision };
    const done = new Set(batch.edits.map(subjectOf));
    const refused = this.waiting.refused.filter(({ edit }) => !done.has(subjectOf(edit)));
    if (refused.length < this.waiting.refused.length) this.setRefused(refused);
    this.remember();
    this.wire.onOrder(order);
    if (revision !== batch.revision + 1) this.wire.onBehind();
  }

  /** What is to be done after a failure; whether there is something to be sent at once. */
  private goesOnAfter(problem: unknown, batch: Batch, safe: boolean): boolean {
    if (problem instanceof Stale) {
      this.stopped = true;
      this.wire.onStale(problem.worksheet, problem.edits);
      return !this.stopped; // it may have been decided at once
    }
    if (problem instanceof Failure && this.isAboutTheEdits(problem)) {
      this.setAside(problem, batch);
      return true;
    }
    if (problem instanceof Failure && !problem.passing) {
      this.stopped = true;
      this.wire.onState({ is: "stopped", code: problem.code, message: problem.message });
      return false;
    }
    this.failures += problem instanceof Failure && problem.code === "server.failed" ? 1 : 0;
    this.wire.onState({ is: "offline", kept: safe });
    this.retry.later();
    return false;
  }

  /** Whether a failure comes of what the edits are, and not of who sends them, from where and when. */
  private isAboutTheEdits(problem: Failure): boolean {
    return (
      problem.path[0] === "edits" ||
      [400, 413, 422].includes(problem.status) ||
      (problem.code === "server.failed" && this.failures >= PATIENCE)
    );
  }

  /** Set the edits aside that the failure is about. Where that is not said, halves are tried, until one is alone. */
  private setAside(problem: Failure, batch: Batch): void {
    const bad = new Map<Edit, Fault>();
    for (const fault of problem.faults) {
      const named = fault.path[0] === "edits" ? Number(fault.path[1]) : NaN;
      const edit = batch.edits[batch.edits.length === 1 ? 0 : named];
      if (edit && !bad.has(edit)) bad.set(edit, fault);
    }
    const { next } = this.waiting;
    if (bad.size > 0) {
      this.waiting.sent = null;
      this.waiting.next = [...batch.edits.filter((edit) => !bad.has(edit)), ...next];
      const anew = [...bad].map(([edit, { code, message }]) => ({ edit, code, message }));
      const subjects = new Set(anew.map(({ edit }) => subjectOf(edit)));
      const others = this.waiting.refused.filter(({ edit }) => !subjects.has(subjectOf(edit)));
      this.setRefused([...others, ...anew]);
    } else {
      const half = Math.ceil(batch.edits.length / 2);
      this.waiting.sent = { ...batch, batch: newUuid(), edits: batch.edits.slice(0, half) };
      this.waiting.next = [...batch.edits.slice(half), ...next];
    }
    this.remember();
  }

  private setRefused(refused: Refused[]): void {
    this.waiting.refused = refused;
    this.remember();
    this.wire.onRefused(refused);
  }

  private remember(): boolean {
    const { device } = this.around;
    if (this.unsaved || this.waiting.refused.length > 0) return device.keep(this.name, this.waiting);
    device.forget(this.name);
    return true;
  }
}

/** How the names of a worksheet's queues begin. */
export const namesOf = (worksheet: string): string => `velum:edits:${worksheet}:`;

/**
 * The name of this tab's queue: its own across reloads; a new tab takes over one that was closed with edits unsaved.
 * Browsers without locks (an insecure address) cannot tell who is still open, so there a tab only knows its own.
 */
export async function queueName(worksheet: string, device: Device): Promise<string> {
  const start = namesOf(worksheet);
  const own = sessionStorage.getItem(start);
  const left = "locks" in navigator ? device.kept(start) : [];
  for (const name of own ? [own, ...left] : left) {
    if (await holds(name)) return name;
  }
  const fresh = start + newUuid();
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
