// What every field kind of the front end promises, tried on each of them.

import { expect, test } from "vitest";
import type { Answer, Prompt } from "../api/student";
import { KINDS as STUDENT, type StudentKind } from "./student";
import { NOTHING as NO_NOTE } from "./free_note/notes";
import { NOTHING } from "./ink/strokes";
import { NOTHING as NO_PICTURE } from "./picture_box/view";
import { USUAL } from "./look";
import { KINDS as TEACHER, type FieldOf, type TeacherKind } from "./teacher";

type Kind = Prompt["kind"];
const NAMES = TEACHER.names;
await Promise.all([TEACHER.load(NAMES), STUDENT.load(NAMES)]);

/** A key and an answer of each kind. A new kind does not compile without its own. */
const EXAMPLES: {
  [K in Kind]: {
    answer: (field: FieldOf<K>) => Answer & { kind: K };
    blank: Answer & { kind: K };
    words: string;
  };
} = {
  answer_box: {
    answer: () => ({ kind: "answer_box", version: 1, text: "bladder wrack" }),
    blank: { kind: "answer_box", version: 1, text: "  " },
    words: "bladder wrack",
  },
  choice: {
    answer: ({ options }) => ({
      kind: "choice",
      version: 2,
      picked: options.filter((_, i) => i !== 1).map(({ id }) => id),
    }),
    blank: { kind: "choice", version: 2, picked: [] },
    words: "A, C",
  },
  free_note: {
    answer: () => ({
      kind: "free_note",
      version: 1,
      notes: [{ id: "note0001", note: { ...NO_NOTE, text: "Why the tin?" } }],
    }),
    blank: { kind: "free_note", version: 1, notes: [] },
    words: "Why the tin?",
  },
  gaps: {
    answer: ({ gaps }) => ({ kind: "gaps", version: 1, texts: gaps.map(({ id }) => [id, "sea"]) }),
    blank: { kind: "gaps", version: 1, texts: [] },
    words: "sea",
  },
  ink: {
    answer: () => ({
      kind: "ink",
      version: 1,
      strokes: [
        { id: "note0001", stroke: { ...NOTHING, tool: "note", path: "m1 1", text: "the wave" } },
        { id: "line0001", stroke: { ...NOTHING, path: "m1 1l2 2" } },
      ],
    }),
    blank: { kind: "ink", version: 1, strokes: [] },
    words: "1 stroke; the wave",
  },
  joins: {
    answer: ({ dots }) => ({
      kind: "joins",
      version: 1,
      lines: [{ a: dots[0]?.id ?? "", b: dots.at(-1)?.id ?? "" }],
    }),
    blank: { kind: "joins", version: 1, lines: [] },
    words: "1 – B",
  },
  long_text: {
    answer: () => ({
      kind: "long_text",
      version: 1,
      paragraphs: [
        {
          style: "body",
          align: "left",
          runs: [{ text: "No boat came.", bold: false, italic: false, underline: false, colour: null }],
        },
      ],
    }),
    blank: { kind: "long_text", version: 1, paragraphs: [] },
    words: "No boat came.",
  },
  order: {
    answer: ({ steps }) => ({ kind: "order", version: 1, sequence: steps.map(({ id }) => id).reverse() }),
    blank: { kind: "order", version: 1, sequence: [] },
    words: "C, B, A",
  },
  pieces: {
    answer: ({ pieces, slots }) => ({
      kind: "pieces",
      version: 1,
      moves: pieces.slice(0, 1).map(({ id }) => ({
        piece: id,
        laid: {
          kind: "pieces",
          version: 1,
          slot: slots[0]?.id ?? "slot1",
          x: 0.5,
          y: 0.5,
          rank: 0,
          turn: 0,
          size: 1,
        },
      })),
    }),
    blank: { kind: "pieces", version: 1, moves: [] },
    words: "first",
  },
  picture_box: {
    answer: () => ({
      ...NO_PICTURE,
      picture: "5".repeat(64),
      says: "a whelk",
      labels: [{ x: 0, y: 0, text: "the lip" }],
    }),
    blank: NO_PICTURE,
    words: "a whelk; the lip",
  },
  sound_box: {
    answer: () => ({ kind: "sound_box", version: 1, sound: "7".repeat(64) }),
    blank: { kind: "sound_box", version: 1, sound: null },
    words: "a recording",
  },
  answer_table: {
    answer: ({ cells }) => ({
      kind: "answer_table",
      version: 1,
      texts: cells.slice(0, 1).map(({ id }) => [id, "4.8 m"]),
    }),
    blank: { kind: "answer_table", version: 1, texts: [] },
    words: "4.8 m",
  },
  plot: {
    answer: () => ({
      kind: "plot",
      version: 1,
      placed: [{ across: -2.5, up: null, letter: "" }],
      intervals: [{ low: null, low_belongs: true, high: 4, high_belongs: false }],
    }),
    blank: { kind: "plot", version: 1, placed: [], intervals: [] },
    words: "−2.5; (−∞, 4)",
  },
  tick_places: {
    answer: ({ spots }) => ({
      kind: "tick_places",
      version: 2,
      picked: spots.slice(1, 2).map(({ id }) => id),
    }),
    blank: { kind: "tick_places", version: 2, picked: [] },
    words: "B",
  },
};

/** A field of a kind, and an answer to it. */
function answered(name: Kind) {
  const field = teacher(name).draw("abcd1234", "page1", { x: 0, y: 0, width: 90, height: 20 });
  const { answer } = EXAMPLES[name] as { answer: (field: FieldOf<Kind>) => Answer };
  return { field, answer: answer(field) };
}

// One of each kind goes with an answer of that kind, which the compiler cannot see through a list of names.
const student = (name: Kind) => STUDENT.get(name) as unknown as StudentKind<Kind>;
const teacher = (name: Kind) => TEACHER.get(name) as unknown as TeacherKind<Kind>;

test("teachers and students know the same kinds, by the same names", () => {
  expect(STUDENT.names).toEqual(NAMES);
  for (const name of NAMES) expect(student(name).label).toBe(teacher(name).label);
});

test.each(NAMES)("what stands for a %s that was taken away is blank", (name) => {
  const { nothing, together, isBlank } = student(name);
  const field = teacher(name).draw("abcd1234", "page1", { x: 10, y: 20, width: 300, height: 60 });
  const entry = nothing("entry001");
  expect(entry.kind).toBe(name);
  const prompt = { ...field, help: [], style: USUAL, parts: [] };
  const left = together ? together(prompt, new Map([["entry001", entry]])) : (entry as Answer);
  expect(isBlank(left, "")).toBe(true);
});

test.each(NAMES)("a drawn %s lies where it was drawn", (name) => {
  const box = { x: 10, y: 20, width: 300, height: 60 };
  const field = teacher(name).draw("abcd1234", "page1", box);
  // Notes collect what students think.
  const points = name === "free_note" ? 0 : 1;
  expect(field).toMatchObject({ kind: name, id: "abcd1234", page: "page1", box, points });
});

test.each(NAMES)("a %s pressed on the page has a size that a finger finds", (name) => {
  const { width, height } = teacher(name).usual;
  expect(Math.min(width, height)).toBeGreaterThanOrEqual(12);
});

test.each(NAMES)("a %s knows a blank from an answer", (name) => {
  const { isBlank } = student(name);
  expect(isBlank(undefined, "")).toBe(true);
  expect(isBlank(EXAMPLES[name].blank, "")).toBe(true);
  expect(isBlank(answered(name).answer, "")).toBe(false);
});

test.each(NAMES)("a %s can be said in words", (name) => {
  const { field, answer } = answered(name);
  const { words } = EXAMPLES[name];
  expect(student(name).inWords(answer, { ...field, help: [], style: USUAL, parts: [] })).toBe(words);
  expect(teacher(name).answerInWords(answer, field)).toBe(words);
});

test.each(NAMES)("a %s has all the parts that screens ask for", (name) => {
  const { Icon, Face, KeyField, Settings, Review } = teacher(name);
  expect(student(name).Answering).toBeTypeOf("function");
  for (const part of [Icon, Face, KeyField, Settings, Review]) expect(part).toBeTypeOf("function");
});
