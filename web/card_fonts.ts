// The fonts that sign-in cards are printed with: names come in every script, and the server draws them itself.

import { readdirSync, readFileSync } from "node:fs";
import { resolve } from "node:path";
import type { Plugin } from "vite";

const FOLDER = resolve(import.meta.dirname, "../node_modules/@fontsource");

/** Half bold, a file for each script: not those cut into numbered pieces, nor the signs that every package brings along. */
const WANTED = /^noto-sans-(?!.*-\d+-\d+-)(?:.+-)?600-normal\.woff2$/;
const BROUGHT_ALONG =
  /^noto-sans-(?:[a-z]+)-(?:latin|latin-ext|cyrillic|cyrillic-ext|greek|greek-ext|vietnamese|math|symbols)-600/;

/** Writes the fonts into the folder `fonts` of the build. */
export function cardFonts(): Plugin {
  return {
    name: "velum-card-fonts",
    generateBundle() {
      for (const family of readdirSync(FOLDER).filter((name) => name.startsWith("noto-sans"))) {
        const files = resolve(FOLDER, family, "files");
        for (const file of readdirSync(files)) {
          if (WANTED.test(file) && (family === "noto-sans" || !BROUGHT_ALONG.test(file))) {
            const source = readFileSync(resolve(files, file));
            this.emitFile({ type: "asset", fileName: `fonts/${file}`, source });
          }
        }
      }
    },
  };
}
