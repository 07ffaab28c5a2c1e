// Where the words of the front end are: extracted from the sources into one catalogue, which translators work on.

import { adapter as svelte, svelteDefaultHeuristic } from "@wuchale/svelte";
import { defaultHeuristic, defineConfig } from "wuchale";
import { adapter as script } from "wuchale/adapter-vanilla";
import { MADE_UP, storage } from "./words_storage.mjs";

/** Written like words, and none: names of keys and of headers. */
const NAMES =
  /^(Escape|Enter|Tab|Delete|Backspace|Home|End|Page(Up|Down)|Arrow\w+|X-CSRFToken|Content-Type|Velum-Password)$/;

/** Begins with what is filled in, and goes on in words: "{0} wait for you". */
const FILLED_IN = /^(#|\{\d+\})[^#{}]* \p{L}{2}/u;

const words = (heuristic) => (message) => {
  const [text] = message.msgStr;
  // A single letter or sign is itself in every language.
  if (text.length < 2 || NAMES.test(text) || message.details.attribute === "class") return false;
  return FILLED_IN.test(text) ? "message" : heuristic(message);
};

// The language of a page stays the same until another page is loaded, so nothing has to be reactive; and what a module says
// at its top is right, for the words are there before any other module. So words are asked for where they are said.
const ask = "sayings";
const runtime = { initReactive: () => null, useReactive: false, plain: { wrapUse: () => `${ask}()` } };
const getRuntimeVars = { plain: ask };

export default defineConfig({
  locales: ["en", MADE_UP],
  localesDir: "src/words",
  ai: null,
  logLevel: "warn",
  adapters: {
    svelte: svelte({
      files: { include: ["src/**/*.svelte", "src/**/*.svelte.ts"], ignore: ["src/**/testing/**"] },
      heuristic: words(svelteDefaultHeuristic),
      loader: "custom",
      storage,
      runtime,
      getRuntimeVars,
    }),
    script: script({
      files: {
        include: "src/**/*.ts",
        ignore: [
          "src/**/*.svelte.ts",
          "src/**/*.test.ts",
          "src/**/testing/**",
          "src/**/trial/**",
          "src/generated/**",
        ],
      },
      heuristic: words(defaultHeuristic),
      loader: "custom",
      storage,
      runtime,
      getRuntimeVars,
    }),
  },
});
