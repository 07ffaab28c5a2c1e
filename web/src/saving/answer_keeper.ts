// A student's answers on their way to the server. Each is kept on the device the moment it is typed, and stays there,
// with its revision, until the copy is handed in: a server that lost its last moments is offered them again.

import { Failure } from "../api/failure";
import type { Answer, Change, ChangeOut } from "../api/student";
import { forget, keep, kept, recall } from "./device";
import { Retry } from "./retry";
import type { SaveState } from "./state";

/** Milliseconds after the last keystroke, and after the first one unsent, that answers are sent at the latest. */
const PAUSE = 500;
const LONGEST = 1500;

/** Milliseconds: a year. A device whose clock was set meanwhile may believe in more. */
const LONGEST_AGE = 365 * 24 * 3600 * 1000;

interface Entry {
  revision: number;
  answer: Answer;
  /** When it was typed, by this device's clock. */
  typed: number;
  sent: boolean;
}

export interface Saved {
  field_id: string;
  revision: number;
  answer: Answer;
}

export interface Wire {
  send(changes: Change[], leaving: boolean): Promise<ChangeOut[]>;
  /** An answer came from elsewhere: another tab, another device. */
  onAnswer(fieldId: string, answer: Answer): void;
  onRefused(fieldId: string, message: string): void;
  onState(state: SaveState): void;
}

export class AnswerKeeper {
  private readonly entries = new Map<string, Entry>();
  private readonly prefix: string;
  private pause: ReturnType<typeof setTimeout> | undefined;
  private firstUnsent = 0;
  private sending: Promise<void> | undefined;
  private stopped = false;
  private safe = true;
  private readonly retry = new Retry(() => void this.flush());

  constructor(
    copy: string,
    private readonly wire: Wire,
  ) {
    this.prefix = `velum:copy:${copy}:`;
  }

  /** Begin with what the server has and what the device kept. Returns the answers that stand. */
  begin(saved: Saved[]): Map<string, Answer> {
    for (const { field_id, revision, answer } of saved) {
      this.entries.set(field_id, { revision, answer, typed: 0, sent: true });
    }
    for (const name of kept(this.prefix)) {
      const fieldId = name.slice(this.prefix.length);
      const own = recall<Entry>(name);
      const theirs = this.entries.get(fieldId);
      if (!own) continue;
      if (!own.sent || own.revision > (theirs?.revision ?? 0)) {
        this.entries.set(fieldId, { ...own, sent: false });
      }
    }
    window.addEventListener("storage", (event) => this.takeFromOtherTab(event));
    const leave = () => document.visibilityState === "hidden" && void this.flush(true);
    document.addEventListener("visibilitychange", leave);
    window.addEventListener("pagehide", () => void this.flush(true));
    if (this.unsent.length > 0) void this.flush();
    return new Map(Array.from(this.entries, ([fieldId, { answer }]) => [fieldId, answer]));
  }

  /** The student changed an answer. */
  set(fieldId: string, answer: Answer): void {
    const revision = (this.entries.get(fieldId)?.revision ?? 0) + 1;
    this.put(fieldId, { revision, answer, typed: Date.now(), sent: false });
    if (this.stopped) return;
    this.wire.onState(navigator.onLine ? { is: "saving" } : this.offline);
    const now = Date.now();
    this.firstUnsent ||= now;
    clearTimeout(this.pause);
    const wait = Math.max(0, Math.min(PAUSE, this.firstUnsent + LONGEST - now));
    this.pause = setTimeout(() => void this.flush(), wait);
  }

  /** What the server does not have yet, as it is sent. */
  changes(): Change[] {
    return this.unsent.map(([field_id, { revision, answer, typed }]) => ({
      field_id,
      revision,
      answer,
      age: Math.round(Math.min(LONGEST_AGE, Math.max(0, Date.now() - typed))),
    }));
  }

  /** Send what is unsent. Resolves when the try is over, whatever came of it. */
  async flush(leaving = false): Promise<void> {
    clearTimeout(this.pause);
    if (this.sending && !leaving) return this.sending;
    if (this.stopped) return;
    if (this.unsent.length === 0) return this.wire.onState({ is: "saved" });
    this.sending = this.send(leaving).finally(() => (this.sending = undefined));
    await this.sending;
  }

  /** The copy is handed in: the device need not keep it any longer. */
  finish(): void {
    this.stopped = true;
    clearTimeout(this.pause);
    this.retry.reset();
    for (const name of kept(this.prefix)) forget(name);
  }

  private get unsent(): [string, Entry][] {
    return [...this.entries].filter(([, entry]) => !entry.sent);
  }

  private get offline(): SaveState {
    return { is: "offline", kept: this.safe };
  }

  private async send(leaving: boolean): Promise<void> {
    this.firstUnsent = 0;
    this.wire.onState({ is: "saving" });
    const changes = this.changes();
    try {
      const outcomes = await this.wire.send(changes, leaving);
      outcomes.forEach((outcome) => this.settle(outcome, changes));
      this.retry.reset();
    } catch (problem) {
      this.failed(problem);
      return;
    }
    if (this.unsent.length === 0) this.wire.onState({ is: "saved" });
    else this.pause = setTimeout(() => void this.flush(), PAUSE);
  }

  private settle({ field_id, revision, answer, refused }: ChangeOut, changes: Change[]): void {
    const entry = this.entries.get(field_id);
    if (!entry) return;
    const asSent = changes.find((change) => change.field_id === field_id);
    const typedSince = entry.revision !== asSent?.revision;
    if (refused) {
      this.put(field_id, { ...entry, sent: !typedSince });
      this.wire.onRefused(field_id, refused.message);
    } else if (typedSince) {
      this.put(field_id, { ...entry, revision: Math.max(entry.revision, revision + 1) });
    } else if (answer) {
      this.put(field_id, { revision, answer, typed: entry.typed, sent: true });
      if (JSON.stringify(answer) !== JSON.stringify(entry.answer)) this.wire.onAnswer(field_id, answer);
    }
  }

  private failed(problem: unknown): void {
    if (problem instanceof Failure && !problem.passing) {
      this.stopped = true;
      this.wire.onState({ is: "stopped", code: problem.code, message: problem.message });
    } else {
      this.wire.onState(this.offline);
      this.retry.later();
    }
  }

  private put(fieldId: string, entry: Entry): void {
    this.entries.set(fieldId, entry);
    this.safe = keep(this.prefix + fieldId, entry);
  }

  private takeFromOtherTab(event: StorageEvent): void {
    if (!event.key?.startsWith(this.prefix) || !event.newValue) return;
    const fieldId = event.key.slice(this.prefix.length);
    const theirs = recall<Entry>(event.key);
    const own = this.entries.get(fieldId);
    if (!theirs || (own && theirs.revision < own.revision)) return;
    this.entries.set(fieldId, theirs);
    if (JSON.stringify(own?.answer) !== JSON.stringify(theirs.answer)) {
      this.wire.onAnswer(fieldId, theirs.answer);
    }
    // The other tab may have sent what this one was about to, or may be closed before it sends.
    clearTimeout(this.pause);
    this.pause = setTimeout(() => void this.flush(), LONGEST);
  }
}
