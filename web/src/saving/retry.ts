// Trying again after a failure that passes: soon at first, then every ten seconds, and at once when the network returns.

import type { Surroundings } from "./surroundings";

export class Retry {
  private takeBack: (() => void) | undefined;
  private tries = 0;

  constructor(
    private readonly around: Surroundings,
    private readonly again: () => void,
  ) {
    around.onOnline(() => this.now());
  }

  /** A try failed: come back later. */
  later(): void {
    this.takeBack?.();
    const seconds = Math.min(10, 2 ** this.tries);
    this.tries += 1;
    this.takeBack = this.around.later(() => this.now(), seconds * 1000);
  }

  /** A try succeeded. */
  reset(): void {
    this.takeBack?.();
    this.takeBack = undefined;
    this.tries = 0;
  }

  private now(): void {
    if (!this.takeBack) return;
    this.takeBack();
    this.takeBack = undefined;
    this.again();
  }
}
