// Trying again after a failure that passes: soon at first, then every ten seconds, and at once when the network returns.

export class Retry {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private tries = 0;

  constructor(private readonly again: () => void) {
    window.addEventListener("online", () => this.now());
  }

  /** A try failed: come back later. */
  later(): void {
    clearTimeout(this.timer);
    const seconds = Math.min(10, 2 ** this.tries);
    this.tries += 1;
    this.timer = setTimeout(() => this.now(), seconds * 1000);
  }

  /** A try succeeded. */
  reset(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.tries = 0;
  }

  private now(): void {
    if (this.timer === undefined) return;
    clearTimeout(this.timer);
    this.timer = undefined;
    this.again();
  }
}
