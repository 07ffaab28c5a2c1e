import { svelte } from "@sveltejs/vite-plugin-svelte";
import tailwindcss from "@tailwindcss/vite";
import { resolve } from "node:path";
import { wuchale } from "wuchale/vite";
import { defineConfig } from "vitest/config";
import { pictureLibrary } from "./picture_library";
import { wordsScripts } from "./words_scripts";

/** English, and one that is made up for tests. */
const LANGUAGES = { "en-gb": "en", "ar-xb": "ar-XB" };
const SCREENS = ["desk", "editor", "handout", "review", "sheet"];

// What a student's sheet shares with a teacher's screens, and nothing that only teachers need.
const SHARED =
  /node_modules|vite\/preload|src\/(api\/(begin|failure)|generated\/limits|saving\/|ui\/|fixtures\/|kinds\/(layers|registry|picked|\w+\/text_size))/;

// One entry a screen, so that a student downloads only the sheet.
export default defineConfig({
  root: import.meta.dirname,
  base: "/static/",
  plugins: [
    wuchale({ configPath: resolve(import.meta.dirname, "wuchale.config.mjs") }),
    tailwindcss(),
    svelte(),
    pictureLibrary(),
    wordsScripts(LANGUAGES),
  ],
  build: {
    outDir: resolve(import.meta.dirname, "dist"),
    emptyOutDir: true,
    manifest: "manifest.json",
    target: "es2022",
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: ["src/styles/app.css", ...SCREENS.map((name) => `src/screens/${name}/main.ts`)],
      output: {
        // What every screen needs is one file: on a slow device each request costs more than a few kilobytes.
        codeSplitting: {
          groups: [{ name: "shared", test: SHARED, minShareCount: 2 }],
        },
      },
    },
  },
  test: { include: ["src/**/*.test.ts"], setupFiles: ["src/words/testing.ts"] },
});
