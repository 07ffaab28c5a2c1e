import { svelte } from "@sveltejs/vite-plugin-svelte";
import tailwindcss from "@tailwindcss/vite";
import { resolve } from "node:path";
import { defineConfig } from "vitest/config";
import { pictureLibrary } from "./picture_library";

const SCREENS = ["desk", "editor", "handout", "review", "sheet"];

// What a student's sheet shares with a teacher's screens, and nothing that only teachers need.
const SHARED =
  /node_modules|src\/(api\/(begin|failure)|saving\/(retry|device|state)|ui\/|fixtures\/|kinds\/\w+\/text_size)/;

// One entry a screen, so that a student downloads only the sheet.
export default defineConfig({
  root: import.meta.dirname,
  base: "/static/",
  plugins: [tailwindcss(), svelte(), pictureLibrary()],
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
  test: { include: ["src/**/*.test.ts"] },
});
