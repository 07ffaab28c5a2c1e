import { expect, test } from "vitest";
import { FilmClipboard, type Kept } from "./clipboard";

/** Tabs that hear each other. */
function tabs() {
  const channels: { onmessage: ((event: MessageEvent) => void) | null }[] = [];
  return () => {
    const kept = new Map<string, string>();
    const own = {
      onmessage: null as ((event: MessageEvent) => void) | null,
      postMessage: (data: unknown) =>
        channels.forEach((other) => other !== own && other.onmessage?.({ data } as MessageEvent)),
    };
    channels.push(own);
    const storage = {
      getItem: (name: string) => kept.get(name) ?? null,
      setItem: (name: string, text: string) => void kept.set(name, text),
    };
    return new FilmClipboard({ storage, channel: own });
  };
}

const ebb: Kept = { word: "ebb", things: [], keys: {} };

test("what is copied in one tab is there in those that are open, and in one that is opened later", () => {
  const open = tabs();
  const [one, two] = [open(), open()];
  expect(two.copied).toBeUndefined();
  one.copy(ebb);
  expect(two.copied).toEqual(ebb);
  expect(open().copied).toEqual(ebb);
});

test("what was copied last stands", () => {
  const open = tabs();
  const [one, two] = [open(), open()];
  one.copy(ebb);
  two.copy({ ...ebb, word: "flood" });
  expect(one.copied?.word).toBe("flood");
});
