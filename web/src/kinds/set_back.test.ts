import { expect, test } from "vitest";
import { KINDS, type AnswerOf, type Kind, type PromptOf } from "./student";

/** What was moved on a page, put back: the entries by their names, and what is left of the answer after them. */
async function setBack<K extends Kind>(kind: K, prompt: object, answer: object, page: string) {
  await KINDS.load([kind]);
  const { setBack, together, isBlank } = KINDS.get(kind);
  const one = prompt as PromptOf<K>;
  const entries = setBack?.(one, answer as AnswerOf<K>, page) ?? [];
  const left = together ? together(one, new Map(entries)) : (entries.at(-1)?.[1] as AnswerOf<K> | undefined);
  return { names: entries.map(([name]) => name), blank: isBlank(left, "") };
}

const BOX = { x: 0, y: 0, width: 100, height: 40 };
const slot = (id: string, page: string) => ({ id, page, box: BOX, most: null, loose: false });
const laid = (slot: string) => ({
  kind: "pieces",
  version: 1,
  slot,
  x: 0.5,
  y: 0.5,
  rank: 0,
  turn: 0,
  size: 1,
});

test("pieces that lie on the page go back, and no others", async () => {
  const prompt = { id: "set1", page: "one", box: BOX, slots: [slot("here", "one"), slot("there", "two")] };
  const moves = [
    { piece: "crab", laid: laid("here") },
    { piece: "gull", laid: laid("there") },
    { piece: "seal", laid: laid("") },
    { piece: "cansc2", laid: laid("here") },
  ];
  expect(await setBack("pieces", prompt, { moves }, "one")).toEqual({
    names: ["crab", "cansc2"],
    blank: true,
  });
  expect((await setBack("pieces", prompt, { moves }, "two")).names).toEqual(["gull"]);
});

test("lines are taken away, each by its name", async () => {
  const dots = ["tern", "nest", "seal"].map((id, i) => ({
    id,
    x: i / 2,
    y: 0.5,
    side: i ? "end" : "start",
    name: id,
  }));
  const prompt = { id: "joins1", page: "one", box: BOX, dots };
  const lines = [
    { a: "tern", b: "nest" },
    { a: "tern", b: "seal" },
  ];
  const back = await setBack("joins", prompt, { lines }, "one");
  expect(back).toEqual({ names: ["terntonest", "terntoseal"], blank: true });
  expect((await setBack("joins", prompt, { lines }, "two")).names).toEqual([]);
});

test("an order is begun anew as a whole, and what is not begun is left alone", async () => {
  const prompt = { id: "order1", page: "one", box: BOX, steps: [] };
  expect(await setBack("order", prompt, { sequence: ["dawn"] }, "one")).toEqual({ names: [""], blank: true });
  expect((await setBack("order", prompt, { sequence: [] }, "one")).names).toEqual([]);
});

test("what is written or ticked stays: it was not moved", async () => {
  for (const kind of ["answer_box", "choice", "tick_places"] as const) {
    await KINDS.load([kind]);
    expect(KINDS.get(kind).setBack).toBeUndefined();
  }
});
