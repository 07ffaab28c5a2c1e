// Files that a student puts into answers, on their way to the server: each is kept on the device from the moment it was
// chosen until the server has it. One waits for a field: what is chosen later takes its place.

import { Failure } from "../api/failure";
import { Retry } from "./retry";
import type { Surroundings } from "./surroundings";

/** The names under which a copy's files are kept. */
export const fileNamesOf = (copy: string): string => `velum:file:${copy}:`;

export interface FileWire {
  /** Send a file for a field; the name by which answers may speak of it. Throws Failure. */
  send(field: string, file: Blob): Promise<string>;
  onSent(field: string, file: string): void;
  onRefused(field: string, message: string): void;
  /** What waits has changed. */
  onWaiting(waiting: ReadonlyMap<string, Blob>): void;
}

export class FileKeeper {
  private readonly waiting = new Map<string, Blob>();
  private readonly prefix: string;
  private readonly retry: Retry;
  private sending: Promise<void> | undefined;

  constructor(
    copy: string,
    private readonly wire: FileWire,
    private readonly around: Surroundings,
  ) {
    this.prefix = fileNamesOf(copy);
    this.retry = new Retry(around, () => void this.flush());
  }

  /** Begin with what the device kept. */
  begin(): void {
    for (const name of this.around.device.kept(this.prefix)) {
      const file = this.around.device.recall<Blob>(name);
      if (file) this.waiting.set(name.slice(this.prefix.length), file);
    }
    this.tell();
    void this.flush();
  }

  /** The copy takes nothing more: what the device still has of it is nobody's. */
  forget(): void {
    for (const name of this.around.device.kept(this.prefix)) this.around.device.forget(name);
  }

  get isEmpty(): boolean {
    return this.waiting.size === 0;
  }

  put(field: string, file: Blob): void {
    this.waiting.set(field, file);
    this.around.device.keep(this.prefix + field, file);
    this.tell();
    void this.flush();
  }

  /** A file that waits is not wanted any more. */
  drop(field: string): void {
    this.waiting.delete(field);
    this.around.device.forget(this.prefix + field);
    this.tell();
  }

  /** Send what waits. Resolves when the try is over, whatever came of it. */
  async flush(): Promise<void> {
    while (this.sending) await this.sending;
    if (this.isEmpty) return;
    this.sending = this.sendAll();
    await this.sending;
  }

  private async sendAll(): Promise<void> {
    try {
      for (const [field, file] of this.waiting) await this.sendOne(field, file);
      this.retry.reset();
    } catch {
      this.retry.later();
    } finally {
      this.sending = undefined;
    }
  }

  /** Throws a Failure that passes. */
  private async sendOne(field: string, file: Blob): Promise<void> {
    try {
      const name = await this.wire.send(field, file);
      // Another one was chosen meanwhile: that is sent next.
      if (this.waiting.get(field) !== file) return;
      this.wire.onSent(field, name);
      this.drop(field);
    } catch (problem) {
      if (!(problem instanceof Failure) || problem.passing) throw problem;
      if (this.waiting.get(field) === file) this.drop(field);
      this.wire.onRefused(field, problem.message);
    }
  }

  private tell(): void {
    this.wire.onWaiting(new Map(this.waiting));
  }
}
