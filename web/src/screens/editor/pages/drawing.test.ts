// When the server may be asked for a page's picture, whatever order its answers come in.

import { beforeEach, expect, test, vi } from "vitest";
import { teacher } from "../../../api/teacher";
import { Drawing } from "./drawing.svelte";

type Answer = { data: { page: string; state: "ready"; look: string; surveyed: boolean }[] };

let answers: ((pages: string[]) => Promise<void>)[];

beforeEach(() => {
  answers = [];
  vi.useFakeTimers();
  vi.spyOn(teacher, "GET").mockImplementation(
    (() =>
      new Promise<Answer>((resolve) => {
        answers.push(async (pages) => {
          resolve({ data: pages.map((page) => ({ page, state: "ready", look: "", surveyed: true })) });
          await vi.advanceTimersByTimeAsync(0);
        });
      })) as never,
  );
});

const pages = (...ids: string[]) => new Set(ids);
const known = (drawing: Drawing, ...ids: string[]) => ids.filter((id) => drawing.knows({ id }));
const answer = (...ids: string[]) => answers.at(-1)?.(ids);

test("pages that the server had are known at once, others when it says so", async () => {
  const drawing = new Drawing("sheet", pages("one"));
  drawing.keepOnly(pages("one", "two"));
  expect(known(drawing, "one", "two")).toEqual(["one"]);
  await answer("one"); // asked before the second came: asked again
  expect(answers).toHaveLength(2);
  await answer("one", "two");
  expect(known(drawing, "one", "two")).toEqual(["one", "two"]);
});

test("a page that was taken away is not known when it comes back, though the server still told of it", async () => {
  const drawing = new Drawing("sheet", pages("one", "two"));
  await answer("one", "two");
  drawing.keepOnly(pages("one")); // taken back here; not saved yet
  drawing.lookAgain([["one"]]);
  await answer("one", "two");
  drawing.keepOnly(pages("one", "two")); // done again
  expect(known(drawing, "one", "two")).toEqual(["one"]);
});

test("the looks go on until the server has the pages that are here", async () => {
  const drawing = new Drawing("sheet", pages("one"));
  drawing.keepOnly(pages("one"));
  await answer("one", "two");
  await vi.advanceTimersByTimeAsync(10_000);
  expect(answers).toHaveLength(2);
  await answer("one");
  await vi.advanceTimersByTimeAsync(10_000);
  expect(answers).toHaveLength(2);
});

test("an answer from before a save is not taken for the last word", async () => {
  const drawing = new Drawing("sheet", pages("one"));
  drawing.keepOnly(pages("one", "two"));
  await answer("one");
  drawing.lookAgain([["one", "two"]]); // saved while the second answer is under way
  await answer("one");
  expect(answers).toHaveLength(3);
  await answer("one", "two");
  expect(known(drawing, "two")).toEqual(["two"]);
});
