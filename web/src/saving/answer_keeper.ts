// A student's answers on their way to the server. Each is kept on the device the moment it is typed, and stays there until
// the copy is handed in and the server has it: a server that lost its last moments is offered them again, and what came
// too late to be handed in is sent all the same, for the teacher to see. An answer that is kept entry by entry is sent and
// settled entry by entry: each has a name of its own.

import { Failure } from "../api/failure";
import { TooLate, type Change, type ChangeOut, type Entry } from "../api/student";
import { newId } from "../worksheet/ids";
import { Retry } from "./retry";
import type { SaveState } from "./state";
import type { Surroundings } from "./surroundings";

/** Milliseconds after the last keystroke, and after the first one unsent, that answers are sent at the latest. */
const PAUSE = 500;
const LONGEST = 1500;

/** Milliseconds: a year. A device whose clock was set meanwhile may believe in more. */
const LONGEST_AGE = 365 * 24 * 3600 * 1000;

interface Held {
  revision: number;
  answer: Entry | undefined;
  /** When it was typed, by this device's clock. */
  typed: number;
  /** Rises with each change on this device, in whichever tab, whatever its clock does: the time, or one more. */
  order: number;
  sent: boolean;
}

/** What is held, as it may be kept by an older release. */
type Kept = Omit<Held, "order"> & { order?: number };

export interface Saved {
  field_id: string;
  entry: string;
  revision: number;
  /** Null: the server cannot read what it has. */
  answer: Entry | null;
}

/** What is saved by itself: an answer (the entry has no name), or an entry of one. */
export interface Of {
  field_id: string;
  entry: string;
}

/** The name of an answer or an entry on the device. */
export const nameOf = ({ field_id, entry }: Of): string => (entry ? `${field_id}/${entry}` : field_id);

function ofName(name: string): Of {
  const [field_id = "", entry = ""] = name.split("/");
  return { field_id, entry };
}

export interface Wire {
  /** Throws TooLate and Failure. */
  send(changes: Change[], leaving: boolean): Promise<ChangeOut[]>;
  /** An answer came from elsewhere: another tab, another device. */
  onAnswer(of: Of, answer: Entry): void;
  onRefused(of: Of, message: string): void;
  /** The copy was handed in (null: closed) elsewhere; so many changes of this device came too late for it. */
  onTooLate(handedInAt: string | null, changes: number): void;
  onState(state: SaveState): void;
}

/** The names under which a copy's answers are kept, and the device's own. */
export const DEVICE = "velum:device";
export const namesOf = (copy: string): string => `velum:copy:${copy}:`;

export class AnswerKeeper {
  private readonly held = new Map<string, Held>();
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
    private readonly around: Surroundings,
  ) {
    this.prefix = namesOf(copy);
    this.deviceName = this.around.device.recall<string>(DEVICE) ?? newId();
    this.around.device.keep(DEVICE, this.deviceName);
    this.retry = new Retry(around, () => void this.flush());
  }

  /** Begin with what the server has and what the device kept. Returns the answers that stand. */
  begin(saved: Saved[]): [Of, Entry][] {
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
  set(of: Of, answer: Entry): void {
    const name = nameOf(of);
    const before = this.held.get(name);
    const now = this.around.now();
    const order = Math.max(now, Math.max(before?.order ?? 0, this.keptOrder(name)) + 1);
    this.put(name, { revision: (before?.revision ?? 0) + 1, answer, typed: now, order, sent: false });
    if (this.stopped) return;
    this.wire.onState(this.around.online() ? { is: "saving" } : this.offline);
    this.firstUnsent ||= now;
    this.sendIn(Math.max(0, Math.min(PAUSE, this.firstUnsent + LONGEST - now)));
  }

  /** What the server does not have yet, as it is sent. */
  changes(): Change[] {
    return this.unsent.flatMap(([name, { revision, answer, typed, order }]) => {
      if (!answer) return [];
      const age = Math.round(Math.min(LONGEST_AGE, Math.max(0, this.around.now() - typed)));
      return [{ ...ofName(name), revision, answer, age, device: this.deviceName, order }];
    });
  }

  /** Send what is unsent. Resolves when the try is over, whatever came of it. */
  async flush(leaving = false): Promise<void> {
    this.takeBack?.();
    if (this.sending && !leaving) return this.sending;
    if (this.stopped) return;
    if (this.unsent.length === 0) return this.wire.onState({ is: "saved" });
    await this.underWay(this.send(leaving));
  }

  /**
   * Hand in, with what is unsent; `send` returns what came too late for that, and was noted. Nothing else is sent
   * meanwhile: it would come too late. Throws what `send` throws.
   */
  async handIn(send: (changes: Change[]) => Promise<ChangeOut[]>): Promise<void> {
    while (this.sending) await this.sending;
    this.takeBack?.();
    const changes = this.changes();
    const handedIn = send(changes).then((late) => this.finish(changes, late));
    await this.underWay(handedIn.catch(() => undefined));
    if (!this.stopped && this.unsent.length > 0) this.sendIn(PAUSE);
    await handedIn;
  }

  /** Whether the server has all that is held. */
  get isSettled(): boolean {
    return this.unsent.length === 0;
  }

  /** Nothing more is taken, and the device forgets what the server has. */
  leave(): void {
    this.stop();
    this.forgetSent();
  }

  private async underWay(sending: Promise<void>): Promise<void> {
    this.sending = sending;
    try {
      await sending;
    } finally {
      if (this.sending === sending) this.sending = undefined;
    }
  }

  /** The copy is handed in with these changes; `late` came too late for it, and was noted. */
  private finish(handedIn: Change[], late: ChangeOut[]): void {
    this.stop();
    const refused = new Set(late.filter((change) => change.refused).map(nameOf));
    for (const change of handedIn) if (!refused.has(nameOf(change))) this.has(nameOf(change), change.order);
    this.forgetSent();
    void this.sendLate();
  }

  private get answers(): [Of, Entry][] {
    return [...this.held].flatMap(([name, { answer }]): [Of, Entry][] =>
      answer ? [[ofName(name), answer]] : [],
    );
  }

  private get unsent(): [string, Held][] {
    return [...this.held].filter(([, held]) => !held.sent);
  }

  private get offline(): SaveState {
    return { is: "offline", kept: this.safe };
  }

  private takeOver(saved: Saved[]): void {
    for (const { revision, answer, ...of } of saved) {
      this.held.set(nameOf(of), { revision, answer: answer ?? undefined, typed: 0, order: 0, sent: true });
    }
    for (const kept of this.around.device.kept(this.prefix)) {
      const own = this.around.device.recall<Kept>(kept);
      const name = kept.slice(this.prefix.length);
      const theirs = this.held.get(name);
      if (!own?.answer) continue;
      const held = { ...own, order: own.order ?? own.typed };
      if (!own.sent || own.revision > (theirs?.revision ?? 0)) {
        this.held.set(name, { ...held, sent: false });
      } else if (theirs) {
        this.held.set(name, { ...theirs, order: held.order });
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
    for (const outcome of noted) {
      const name = nameOf(outcome);
      this.has(name, changes.find((change) => nameOf(change) === name)?.order ?? 0);
    }
    if (problem.handedInAt) this.forgetSent();
    this.wire.onTooLate(problem.handedInAt, noted.length);
  }

  /** The server has what was held when it had this order. */
  private has(name: string, order: number): void {
    const held = this.held.get(name);
    if (held && held.order === order) this.put(name, { ...held, sent: true });
  }

  private forgetSent(): void {
    for (const kept of this.around.device.kept(this.prefix)) {
      const name = kept.slice(this.prefix.length);
      const held = this.held.get(name);
      if (held?.sent && this.keptOrder(name) <= held.order) this.around.device.forget(kept, held.order);
    }
  }

  private settle(outcome: ChangeOut, changes: Change[]): void {
    const { field_id, entry, revision, answer, refused } = outcome;
    const name = nameOf(outcome);
    const held = this.held.get(name);
    if (!held) return;
    const asSent = changes.find((change) => nameOf(change) === name);
    const typedSince = held.order !== asSent?.order;
    if (refused) {
      this.put(name, { ...held, sent: !typedSince });
      this.wire.onRefused({ field_id, entry }, refused.message);
    } else if (typedSince) {
      this.put(name, { ...held, revision: Math.max(held.revision, revision + 1) });
    } else if (answer) {
      this.put(name, { ...held, revision, answer, sent: true });
      if (JSON.stringify(answer) !== JSON.stringify(held.answer)) {
        this.wire.onAnswer({ field_id, entry }, answer);
      }
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

  private put(name: string, held: Held): void {
    this.held.set(name, held);
    // Another tab may have put something newer there, and this one not have heard of it yet.
    if (this.keptOrder(name) > held.order) return;
    this.safe = this.around.device.keep(this.prefix + name, held, held.order);
  }

  /** The order of what the device keeps under a name, whichever tab put it there. */
  private keptOrder(name: string): number {
    return this.around.device.recall<Kept>(this.prefix + name)?.order ?? 0;
  }

  private takeFromOtherTab(kept: string): void {
    if (!kept.startsWith(this.prefix)) return;
    const name = kept.slice(this.prefix.length);
    const theirs = this.around.device.recall<Held>(kept);
    const own = this.held.get(name);
    if (!theirs?.answer || (own && theirs.order < own.order)) return;
    this.held.set(name, theirs);
    if (JSON.stringify(own?.answer) !== JSON.stringify(theirs.answer)) {
      this.wire.onAnswer(ofName(name), theirs.answer);
    }
    // The other tab may have sent what this one was about to, or may be closed before it sends.
    if (!this.stopped) this.sendIn(LONGEST);
  }
}
