// What the server put into the page for its screen to begin with.

interface Begin<T> {
  csrf: string;
  data: T;
  /** The addresses of scripts and styles that the screen may load later. */
  assets?: string[];
}

let begun: Begin<unknown> | undefined;

function read(): Begin<unknown> {
  begun ??= JSON.parse(document.getElementById("begin")?.textContent ?? "null") as Begin<unknown>;
  return begun;
}

/** The data of this screen, as its view gave it. */
export function begin<T>(): T {
  return read().data as T;
}

/** The scripts and styles that this screen may load, also later. */
export function assets(): readonly string[] {
  return read().assets ?? [];
}

/** The token that every writing request carries. */
export function csrfToken(): string {
  return read().csrf;
}
