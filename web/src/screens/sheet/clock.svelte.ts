// How long a copy can still be worked on. The server's clock decides: this one only counts from what the server said, and
// asks again now and then, for a lid may have been shut and a teacher may have given more time.

import type { Schemas } from "../../api/student";
import type { Surroundings } from "../../saving/surroundings";

type Time = Schemas["TimeOut"];
type Around = Pick<Surroundings, "now" | "later" | "onOnline" | "device">;

/** Milliseconds between two looks at the clock, and until the server is asked again. */
const TICK = 1000;
const ASK = 60_000;

/** Seconds before the end at which a student is told. */
export const WARNINGS = [600, 300, 60];

/** The name under which a device keeps when it heard the time of a copy. */
export const clockName = (copy: string): string => `velum:clock:${copy}`;

/** What a device keeps: the server's time, and its own when it heard it. */
interface Heard {
  said: string;
  at: number;
}

export class Clock {
  /** Seconds until the end; null: nothing ends it. */
  left: number | null = $state.raw(null);
  private time: Time = $state.raw() as Time;
  /** When this device heard of it, by its own clock. */
  private heard = 0;
  private stop: (() => void) | undefined;
  private asked = 0;

  /**
   * @param ask Has the server say the time; undefined when it cannot be reached.
   * @param warn Is called with the seconds that are left when there are not many more.
   */
  constructor(
    private readonly copy: string,
    time: Time,
    private readonly around: Around,
    private readonly ask: () => Promise<Time | undefined>,
    private readonly warn: (seconds: number) => void,
  ) {
    // A page that is opened without a network says what the server said when it was kept.
    const kept = around.device.recall<Heard>(clockName(copy));
    const same = kept?.said === time.now && kept.at <= around.now() ? kept.at : undefined;
    this.set(time, same ?? around.now());
    this.asked = around.now();
    if (same !== undefined) void this.askAgain();
    around.onOnline(() => void this.askAgain());
    globalThis.document?.addEventListener("visibilitychange", () => !document.hidden && void this.askAgain());
  }

  get open(): boolean {
    return this.time.open && this.left !== 0;
  }

  /** Whether it was open, and its time has run out. */
  get isUp(): boolean {
    return this.left === 0;
  }

  /** Whether the time of this copy is short enough to be counted down. */
  get counts(): boolean {
    return this.left !== null && (this.time.limited || this.left < 3600);
  }

  get due(): string | null {
    return this.time.due_at ?? null;
  }

  /** Ask the server how the copy stands now. */
  async askAgain(): Promise<void> {
    if (this.time.seconds_left === null) return; // nothing ends it: a save is told when that changes
    this.asked = this.around.now();
    const time = await this.ask();
    if (time) this.set(time, this.around.now());
  }

  /** Have the device keep nothing of it, and count no more. */
  forget(): void {
    this.stop?.();
    this.around.device.forget(clockName(this.copy));
  }

  private set(time: Time, heard: number): void {
    this.time = time;
    this.heard = heard;
    this.around.device.keep(clockName(this.copy), { said: time.now, at: heard } satisfies Heard);
    this.look();
  }

  private look = (): void => {
    this.stop?.();
    const { seconds_left } = this.time;
    if (seconds_left === null) {
      this.left = null;
      return;
    }
    const before = this.left;
    const passed = Math.max(0, (this.around.now() - this.heard) / 1000);
    const left = Math.max(0, seconds_left - passed);
    this.left = left;
    const told = WARNINGS.findLast((at) => left <= at);
    if (left > 0 && told !== undefined && before !== null && before > told) this.warn(told);
    if (this.around.now() - this.asked >= ASK) void this.askAgain();
    // Also when the time is up: a teacher may give more.
    this.stop = this.around.later(this.look, left > 0 ? TICK : TICK * 5);
  };
}
