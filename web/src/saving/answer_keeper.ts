// A student's answers on their way to the server. Each is kept on the device the moment it is typed, and stays there until
// the copy is handed in and the server has it: a server that lost its last moments is offered them again, and what came
// too late to be handed in is sent all the same, for the teacher to see.

import { Failure } from "../api/failure";
import type { Answer, Change, ChangeOut } from "../api/student";
import { newId } from "../worksheet/ids";
import { Retry } from "./retry";
import type { SaveState } from "./state";
import { around as browser, type Surroundings } from "./surroundings";

/** Milliseconds after the last keystroke, and after the first one unsent, that answers are sent at the latest. */
const PAUSE = 500;
const LONGEST = 1500;

/** Milliseconds: a year. A device whose clock was set meanwhile may believe in more. */
const LONGEST_AGE = 365 * 24 * 3600 * 1000;

interface Entry {
  revision: number;
  answer: Answer | undefined;
  /** When it was typed, by this device's clock. */
  typed: number;
  /** Rises with each change on this device, in whichever tab, whatever its clock does: the time, or one more. */
  order: number;
  sent: boolean;
}

/** An entry as it may be kept by an older release. */
type Kept = Omit<Entry, "order"> & { order?: number };

export interface Saved {
  field_id: string;
  revision: number;
  /** Null: the server cannot read what it has. */
  answer: Answer | null;
}

/** The refusal of changes to a copy that was handed in or closed; `noted` are kept by the server all the same. */
export class TooLate extends Failure {
  constructor(
    code: string,
    message: string,
    readonly handedInAt: string | null,
    readonly noted: ChangeOut[],
  ) {
    super(code, message, 409);
  }
}

export interface Wire {
  /** Throws TooLate and Failure. */
  send(changes: Change[], leaving: boolean): Promise<ChangeOut[]>;
  /** An answer came from elsewhere: another tab, another device. */
  onAnswer(fieldId: string, answer: Answer): void;
  onRefused(fieldId: string, message: string): void;
  /** The copy was handed in (null: closed) elsewhere; so many changes of this device came too late for it. */
  onTooLate(handedInAt: string | null, changes: number): void;
  onState(state: SaveState): void;
}

export class AnswerKeeper {
  private readonly entries = new Map<string, Entry>();
  private readonly prefix: string;
  private readonly deviceName: string;
  private takeBack: (() => void) | undefined;
  private firstUnsent = 0;
  private sending: Promise<void> | undefined;
  private stopped = false;
  private safe = true;
  private readonly retry: Retry;

  constructor(
    copy: string,
    private readonly wire: Wire,
    private readonly around: Surroundings = browser,
  ) {
    this.prefix = `velum:copy:${copy}:`;
    this.deviceName = this.around.device.recall<string>("velum:device") ?? newId();
    this.around.device.keep("velum:device", this.deviceName);
    this.retry = new Retry(around, () => void this.flush());
  }

  /** Begin with what the server has and what the device kept. Returns the answers that stand. */
  begin(saved: Saved[]): Map<string, Answer> {
    this.takeOver(saved);
    this.around.device.watch((name) => this.takeFromOtherTab(name));
    this.around.onLeave(() => void this.flush(true));
    if (this.unsent.length > 0) void this.flush();
    return this.answers;
  }

  /** Begin with a copy that is handed in already: nothing more is taken, and what the device still has is sent, late. */
  beginDone(saved: Saved[]): void {
    this.takeOver(saved);
    void this.sendLate();
  }

  /** The student changed an answer. */
  set(fieldId: string, answer: Answer): void {
    const before = this.entries.get(fieldId);
    const now = this.around.now();
    const order = Math.max(now, Math.max(before?.order ?? 0, this.keptOrder(fieldId)) + 1);
    this.put(fieldId, { revision: (before?.revision ?? 0) + 1, answer, typed: now, order, sent: false });
    if (this.stopped) return;
    this.wire.onState(this.around.online() ? { is: "saving" } : this.offline);
    this.firstUnsent ||= now;
    this.sendIn(Math.max(0, Math.min(PAUSE, this.firstUnsent + LONGEST - now)));
  }

  /** What the server does not have yet, as it is sent. */
  changes(): Change[] {
    return this.unsent.flatMap(([field_id, { revision, answer, typed, order }]) => {
      if (!answer) return [];
      const age = Math.round(Math.min(LONGEST_AGE, Math.max(0, this.around.now() - typed)));
      return [{ field_id, revision, answer, age, device: this.deviceName, order }];
    });
  }

  /** Send what is unsent. Resolves when the try is over, whatever came of it. */
  async flush(leaving = false): Promise<void> {
    this.takeBack?.();
    if (this.sending && !leaving) return this.sending;
    if (this.stopped) return;
    if (this.unsent.length === 0) return this.wire.onState({ is: "saved" });
    this.sending = this.send(leaving).finally(() => (this.sending = undefined));
    await this.sending;
  }

  /** The copy is handed in with these changes; `late` came too late for it, and was noted. */
  finish(handedIn: Change[], late: ChangeOut[]): void {
    this.stop();
    const refused = new Set(late.filter((change) => change.refused).map(({ field_id }) => field_id));
    for (const { field_id, order } of handedIn) if (!refused.has(field_id)) this.has(field_id, order ?? 0);
    this.forgetSent();
    void this.sendLate();
  }

  private get answers(): Map<string, Answer> {
    const all = [...this.entries].flatMap(([id, { answer }]) => (answer ? [[id, answer] as const] : []));
    return new Map(all);
  }

  private get unsent(): [string, Entry][] {
    return [...this.entries].filter(([, entry]) => !entry.sent);
  }

  private get offline(): SaveState {
    return { is: "offline", kept: this.safe };
  }

  private takeOver(saved: Saved[]): void {
    for (const { field_id, revision, answer } of saved) {
      this.entries.set(field_id, { revision, answer: answer ?? undefined, typed: 0, order: 0, sent: true });
    }
    for (const name of this.around.device.kept(this.prefix)) {
      const own = this.around.device.recall<Kept>(name);
      const fieldId = name.slice(this.prefix.length);
      const theirs = this.entries.get(fieldId);
      if (!own?.answer) continue;
      const entry = { ...own, order: own.order ?? own.typed };
      if (!own.sent || own.revision > (theirs?.revision ?? 0)) {
        this.entries.set(fieldId, { ...entry, sent: false });
      } else if (theirs) {
        this.entries.set(fieldId, { ...theirs, order: entry.order });
      }
    }
  }

  private stop(): void {
    this.stopped = true;
    this.takeBack?.();
    this.retry.reset();
  }

  private sendIn(milliseconds: number): void {
    this.takeBack?.();
    this.takeBack = this.around.later(() => void this.flush(), milliseconds);
  }

  private async send(leaving: boolean): Promise<void> {
    this.firstUnsent = 0;
    this.wire.onState({ is: "saving" });
    const changes = this.changes();
    try {
      const outcomes = await this.wire.send(changes, leaving);
      for (const outcome of outcomes) this.settle(outcome, changes);
      this.retry.reset();
    } catch (problem) {
      this.failed(problem, changes);
      return;
    }
    if (this.unsent.length === 0) this.wire.onState({ is: "saved" });
    else this.sendIn(PAUSE);
  }

  /** What the device has of a copy that takes nothing more is sent once, and again when the page is opened again. */
  private async sendLate(): Promise<void> {
    const changes = this.changes();
    if (changes.length === 0) return this.forgetSent();
    try {
      await this.wire.send(changes, false);
    } catch (problem) {
      if (problem instanceof TooLate) this.tooLate(problem, changes);
    }
  }

  private tooLate(problem: TooLate, changes: Change[]): void {
    const noted = problem.noted.filter((outcome) => !outcome.refused);
    for (const { field_id } of noted) {
      this.has(field_id, changes.find((change) => change.field_id === field_id)?.order ?? 0);
    }
    if (problem.handedInAt) this.forgetSent();
    this.wire.onTooLate(problem.handedInAt, noted.length);
  }

  /** The server has what a field was when it had this order. */
  private has(fieldId: string, order: number): void {
    const entry = this.entries.get(fieldId);
    if (entry && entry.order === order) this.put(fieldId, { ...entry, sent: true });
  }

  private forgetSent(): void {
    for (const name of this.around.device.kept(this.prefix)) {
      const fieldId = name.slice(this.prefix.length);
      const entry = this.entries.get(fieldId);
      if (entry?.sent && this.keptOrder(fieldId) <= entry.order) this.around.device.forget(name);
    }
  }

  private settle({ field_id, revision, answer, refused }: ChangeOut, changes: Change[]): void {
    const entry = this.entries.get(field_id);
    if (!entry) return;
    const asSent = changes.find((change) => change.field_id === field_id);
    const typedSince = entry.order !== asSent?.order;
    if (refused) {
      this.put(field_id, { ...entry, sent: !typedSince });
      this.wire.onRefused(field_id, refused.message);
    } else if (typedSince) {
      this.put(field_id, { ...entry, revision: Math.max(entry.revision, revision + 1) });
    } else if (answer) {
      this.put(field_id, { ...entry, revision, answer, sent: true });
      if (JSON.stringify(answer) !== JSON.stringify(entry.answer)) this.wire.onAnswer(field_id, answer);
    }
  }

  private failed(problem: unknown, changes: Change[]): void {
    if (problem instanceof Failure && !problem.passing) {
      this.stop();
      this.wire.onState({ is: "stopped", code: problem.code, message: problem.message });
      if (problem instanceof TooLate) this.tooLate(problem, changes);
    } else {
      this.wire.onState(this.offline);
      this.retry.later();
    }
  }

  private put(fieldId: string, entry: Entry): void {
    this.entries.set(fieldId, entry);
    // Another tab may have put something newer there, and this one not have heard of it yet.
    if (this.keptOrder(fieldId) > entry.order) return;
    this.safe = this.around.device.keep(this.prefix + fieldId, entry);
  }

  /** The order of what the device keeps of a field, whichever tab put it there. */
  private keptOrder(fieldId: string): number {
    return this.around.device.recall<Kept>(this.prefix + fieldId)?.order ?? 0;
  }

  private takeFromOtherTab(name: string): void {
    if (!name.startsWith(this.prefix)) return;
    const fieldId = name.slice(this.prefix.length);
    const theirs = this.around.device.recall<Entry>(name);
    const own = this.entries.get(fieldId);
    if (!theirs?.answer || (own && theirs.order < own.order)) return;
    this.entries.set(fieldId, theirs);
    if (JSON.stringify(own?.answer) !== JSON.stringify(theirs.answer)) {
      this.wire.onAnswer(fieldId, theirs.answer);
    }
    // The other tab may have sent what this one was about to, or may be closed before it sends.
    if (!this.stopped) this.sendIn(LONGEST);
  }
}
