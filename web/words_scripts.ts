// The catalogue of each language as a script of its own, which a page runs before any module: what a module says at its top
// is right, too.

import { readFile } from "node:fs/promises";
import { resolve } from "node:path";
import type { Plugin } from "vite";

const COMPILED = resolve(import.meta.dirname, "src/words/.wuchale");

/** `languages`: the name that pages have for a language, and the catalogue's. */
export function wordsScripts(languages: Record<string, string>): Plugin {
  return {
    name: "words-scripts",
    apply: "build",
    // Late: the catalogues are complete once all sources were read.
    async generateBundle() {
      for (const [language, catalogue] of Object.entries(languages)) {
        const module = await readFile(resolve(COMPILED, `svelte.svelte.${catalogue}.compiled.js`), "utf8");
        this.emitFile({
          type: "asset",
          name: `words-${language}.js`,
          originalFileName: `src/words/${language}.js`,
          source: `(() => {\n${module.replaceAll(/^export /gm, "")}\nglobalThis.velumWords = { c, p };\n})();\n`,
        });
      }
    },
  };
}
