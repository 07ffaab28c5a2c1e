import { svelte } from "@sveltejs/vite-plugin-svelte";
import tailwindcss from "@tailwindcss/vite";
import { resolve } from "node:path";
import { wuchale } from "wuchale/vite";
import { defineConfig } from "vitest/config";
import { cardFonts } from "./card_fonts";
import { pictureLibrary } from "./picture_library";
import { wordsScripts } from "./words_scripts";

/** English, and one that is made up for tests. */
const LANGUAGES = { "en-gb": "en", "ar-xb": "ar-XB" };
const SCREENS = ["desk", "editor", "handout", "review", "classes", "class", "sheet"];

// What a student's sheet shares with a teacher's screens, and nothing that only teachers need, or only long text.
const SHARED =
  /node_modules\/(?!squire-rte|openapi-fetch|@tiptap|prosemirror|orderedmap|rope-sequence|w3c-keyname)|vite\/preload|src\/(api\/(begin|failure)|generated\/limits|saving\/|ui\/|fixtures\/|words\/say|canvas\/(sight|tab_place)|kinds\/(layers|look|registry|picked|sheet_store|\w+\/text_size))/;

const KIND = /src\/kinds\/(\w+)\//;
const kindOf = (module: string): string | null => KIND.exec(module)?.[1] ?? null;

// One entry a screen, so that a student downloads only the sheet.
export default defineConfig({
  root: import.meta.dirname,
  base: "/static/",
  plugins: [
    wuchale({ configPath: resolve(import.meta.dirname, "wuchale.config.mjs") }),
    tailwindcss(),
    svelte(),
    pictureLibrary(),
    cardFonts(),
    wordsScripts(SCREENS, LANGUAGES),
  ],
  build: {
    outDir: resolve(import.meta.dirname, "dist"),
    emptyOutDir: true,
    manifest: "manifest.json",
    target: "es2022",
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: [
        "src/styles/app.css",
        "src/offline/worker.ts",
        "src/offline/sign_out.ts",
        "src/words/local_moments.ts",
        "src/ui/print_button.ts",
        ...SCREENS.map((name) => `src/screens/${name}/main.ts`),
      ],
      output: {
        // What every screen needs is one file: on a slow device each request costs more than a few kilobytes.
        codeSplitting: {
          // What a kind has for students and teachers is one too.
          groups: [
            { name: "shared", test: SHARED, minShareCount: 2, priority: 1 },
            { name: kindOf, test: KIND, minShareCount: 2 },
          ],
        },
      },
    },
  },
  test: { include: ["src/**/*.test.ts"], setupFiles: ["src/words/testing.ts"] },
});
