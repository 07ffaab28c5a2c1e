import { expect, test } from "vitest";
import { lettersOf } from "../../rich_text/paragraphs";
import { askedFor, isAskedFor, wordCount } from "./words";

test("words are counted as readers count them", () => {
  expect(wordCount("The keeper's log, 3 November: no boat came.")).toBe(8);
  expect(wordCount("  ")).toBe(0);
  expect(wordCount("灯台")).toBeGreaterThan(0);
});

test("what is asked for is said", () => {
  expect(askedFor({})).toBe("");
  expect(askedFor({ least_words: 20 })).toBe("at least 20 words");
  expect(askedFor({ most_words: 80 })).toBe("at most 80 words");
  expect(askedFor({ least_words: 20, most_words: 80 })).toBe("20 to 80 words");
  expect([19, 20, 80, 81].map((count) => isAskedFor(count, { least_words: 20, most_words: 80 }))).toEqual([
    false,
    true,
    true,
    false,
  ]);
});

test("paragraphs are lines, whatever their words look like", () => {
  const look = { bold: true, italic: false, underline: false, colour: null };
  const paragraph = (...texts: string[]) => ({
    style: "body" as const,
    align: "left" as const,
    runs: texts.map((text) => ({ text, ...look })),
  });
  expect(lettersOf([paragraph("gan", "net"), paragraph(), paragraph("oil")])).toBe("gannet\n\noil");
});
