// What a browser keeps on its device. A device that keeps nothing (private mode, full) is not an error.

/** Read a value that was kept; undefined when there is none, or none that can be read. */
export function recall<T>(name: string): T | undefined {
  try {
    const text = localStorage.getItem(name);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

/** Keep a value. False when the device would not. */
export function keep(name: string, value: unknown): boolean {
  try {
    localStorage.setItem(name, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

export function forget(name: string): void {
  try {
    localStorage.removeItem(name);
  } catch {
    // a device that keeps nothing has nothing to forget
  }
}

/** The names under which something is kept, of those that begin with `start`. */
export function kept(start: string): string[] {
  try {
    return Object.keys(localStorage).filter((name) => name.startsWith(start));
  } catch {
    return [];
  }
}
