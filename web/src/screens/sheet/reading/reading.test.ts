import { expect, test } from "vitest";
import type { Device } from "../../../saving/device";
import { ReadingSettings, readingName } from "./reading.svelte";

function device(): Device & { tell: (name: string) => void } {
  const kept = new Map<string, unknown>();
  let told: (name: string) => void = () => undefined;
  return {
    recall: <T>(name: string) => kept.get(name) as T | undefined,
    keep: (name, value) => Boolean(kept.set(name, value)),
    forget: (name) => void kept.delete(name),
    kept: (start) => [...kept.keys()].filter((name) => name.startsWith(start)),
    watch: (then) => (told = then),
    tell: (name) => told(name),
  };
}

test("what is settled is there again for the same student, and not for another", () => {
  const here = device();
  new ReadingSettings("Zoe Quill", here).set({ letters: 1.5, ruler: true });
  expect(new ReadingSettings("Zoe Quill", here).now).toMatchObject({
    letters: 1.5,
    ruler: true,
    spacing: false,
  });
  expect(new ReadingSettings("Ama Lindqvist", here).now).toMatchObject({ letters: 1, ruler: false });
});

test("another tab of the same student follows", () => {
  const here = device();
  const other = new ReadingSettings("Zoe Quill", here);
  here.keep(readingName("Zoe Quill"), { spacing: true });
  here.tell(readingName("Zoe Quill"));
  expect(other.now).toMatchObject({ spacing: true, letters: 1 });
});
