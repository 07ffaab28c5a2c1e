// What a browser keeps on its device. A device that keeps nothing (private mode, full) is not an error.

export interface Device {
  /** Read a value that was kept; undefined when there is none, or none that can be read. */
  recall<T>(name: string): T | undefined;
  /** Keep a value. False when the device would not. */
  keep(name: string, value: unknown): boolean;
  forget(name: string): void;
  /** The names under which something is kept, of those that begin with `start`. */
  kept(start: string): string[];
  /** Be told the name of what another tab keeps. */
  watch(told: (name: string) => void): void;
}

export const browser: Device = {
  recall<T>(name: string) {
    try {
      const text = localStorage.getItem(name);
      return text === null ? undefined : (JSON.parse(text) as T);
    } catch {
      return undefined;
    }
  },

  keep(name, value) {
    try {
      localStorage.setItem(name, JSON.stringify(value));
      return true;
    } catch {
      return false;
    }
  },

  forget(name) {
    try {
      localStorage.removeItem(name);
    } catch {
      // a device that keeps nothing has nothing to forget
    }
  },

  kept(start) {
    try {
      return Object.keys(localStorage).filter((name) => name.startsWith(start));
    } catch {
      return [];
    }
  },

  watch(told) {
    window.addEventListener("storage", ({ key, newValue }) => key && newValue && told(key));
  },
};
