import { expect, test } from "vitest";
import { keyInWords, wantedLines, withNever, withWanted } from "./keys";

test("a key is typed line by line", () => {
  const key = withWanted(undefined, "gannet\n broke the pane | cracked the pane \n\n | ");
  expect(key?.wanted).toEqual([{ phrases: ["gannet"] }, { phrases: ["broke the pane", "cracked the pane"] }]);
  expect(wantedLines(key ?? undefined)).toBe("gannet\nbroke the pane | cracked the pane");
  const both = withNever(key ?? undefined, "gull");
  expect(both && keyInWords(both)).toBe("gannet; broke the pane / cracked the pane; never: gull");
});

test("a key that looks for nothing is none", () => {
  const key = withWanted(undefined, "gannet");
  expect(withWanted(key ?? undefined, " \n")).toBeNull();
  expect(withNever(undefined, "")).toBeNull();
});
