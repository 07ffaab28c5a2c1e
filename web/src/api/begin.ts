// What the server put into the page for its screen to begin with.

interface Begin<T> {
  csrf: string;
  data: T;
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

/** The token that every writing request carries. */
export function csrfToken(): string {
  return read().csrf;
}
