import { expect, test } from "vitest";
import { inLanguage } from "./listening.svelte";

const said = (language: string) => ({ language, paragraphs: [], sound: null });
const ALL = [said("en-GB"), said("nb"), said("ar")];

test.each([
  ["ar", [], "ar"],
  ["", ["nb-NO", "en"], "nb"],
  ["fr", ["de", "en-US"], "en-GB"],
  ["", ["de"], "en-GB"],
])("of %j and a device that speaks %j, it is %s", (chosen, device, language) => {
  expect(inLanguage(ALL, chosen, device)?.language).toBe(language);
});

test("of none, there is none", () => {
  expect(inLanguage([], "en", ["en"])).toBeUndefined();
});
