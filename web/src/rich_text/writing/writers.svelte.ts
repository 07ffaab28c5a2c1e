// Which text is written by which writer, known once what writing takes has been loaded.

import type { Writer } from "./writer.svelte";

/** The class of the element that is written in. */
export const WRITING = "written-in";

const WRITERS = new WeakMap<Element, Writer>();
let known = $state(0);

export function setWriter(place: Element, writer: Writer): void {
  WRITERS.set(place, writer);
  known += 1;
}

/** The writer whose text lies within an element; reactive. */
export function writerIn(element: HTMLElement): Writer | undefined {
  void known;
  const place = element.querySelector(`.${WRITING}`);
  return place ? WRITERS.get(place) : undefined;
}
