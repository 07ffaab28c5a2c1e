// What saving needs of the browser around it, so that it can be tried without one.

import type { Device } from "./device";

export interface Surroundings {
  device: Device;
  /** Milliseconds, by this device's clock. */
  now(): number;
  online(): boolean;
  /** Do something later; the function that is returned takes it back. */
  later(what: () => void, milliseconds: number): () => void;
  /** Be told when the network returns, and when the page is left or hidden. */
  onOnline(told: () => void): void;
  onLeave(told: () => void): void;
}

/** The browser, with a device that was opened. */
export const inBrowser = (device: Device): Surroundings => ({
  device,
  now: () => Date.now(),
  online: () => navigator.onLine,
  later(what, milliseconds) {
    const timer = setTimeout(what, milliseconds);
    return () => clearTimeout(timer);
  },
  onOnline: (told) => window.addEventListener("online", told),
  onLeave(told) {
    document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && told());
    window.addEventListener("pagehide", told);
  },
});
