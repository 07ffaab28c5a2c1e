// A long list built a few at a time, so that its beginning is seen at once.

/** How many more are built whenever the browser has nothing else to do, unless said otherwise. */
const MORE = 12;

export class Gradually {
  /** How many are built so far. */
  count: number;

  /** `first` of them are built at once, the others when there is time. Call it while a component is set up. */
  constructor(
    first: number,
    private readonly all: () => number,
    more = MORE,
  ) {
    this.count = $state(first);
    $effect(() => {
      if (this.count >= this.all()) return;
      const waiting = whenIdle(() => (this.count += more));
      return () => stopWaiting(waiting);
    });
  }

  /** Build what is left at once; whether anything was. */
  finish(): boolean {
    const left = this.count < this.all();
    if (left) this.count = this.all();
    return left;
  }
}

// Safari has no idle callbacks.
const whenIdle = (then: () => void): number =>
  typeof requestIdleCallback === "function"
    ? requestIdleCallback(then, { timeout: 200 })
    : window.setTimeout(then, 20);

const stopWaiting = (waiting: number): void =>
  typeof cancelIdleCallback === "function" ? cancelIdleCallback(waiting) : clearTimeout(waiting);
