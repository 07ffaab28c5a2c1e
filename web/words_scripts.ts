// The words of each screen in each language, as a script of its own, which a page runs before any module: what a module says
// at its top is right, too. A screen is given what its sources say, and not what other screens do.

import { readFile } from "node:fs/promises";
import { resolve } from "node:path";
import type { Plugin, Rollup } from "vite";

const COMPILED = resolve(import.meta.dirname, "src/words/.wuchale");
/** The line of a compiled catalogue that has the words, as JSON. */
const WORDS = /^export let c = (\[.*\])$/m;
/** How compiled sources ask for words: by their number in the catalogue. */
const ASKED = /\bsayings\(\)(?:\.\w+)?\((\d+)/g;
/** Every time that they do, but for the rule for plurals (`._`) and parts of words that were asked for before (`.x`). */
const ASKING = /\bsayings\(\)(?!\._|\.x\()/g;

/** `screens`: their names; `languages`: the name that pages have for a language, and the catalogue's. */
export function wordsScripts(screens: readonly string[], languages: Record<string, string>): Plugin {
  /** The numbers of what each source says. */
  const said = new Map<string, number[]>();
  return {
    name: "words-scripts",
    apply: "build",
    enforce: "post",
    transform(code, id) {
      const numbers = [...code.matchAll(ASKED)].map(([, number]) => Number(number));
      // Another way of asking would leave a screen without words.
      if (numbers.length !== [...code.matchAll(ASKING)].length)
        this.error(`${id} asks for words in a way that is not known here.`);
      said.set(id, numbers);
      return null;
    },
    // Late: the catalogues are complete once all sources were read.
    async generateBundle(_, bundle) {
      for (const [language, catalogue] of Object.entries(languages)) {
        const module = await readFile(resolve(COMPILED, `svelte.svelte.${catalogue}.compiled.js`), "utf8");
        const words = JSON.parse(
          WORDS.exec(module)?.[1] ?? this.error(`No words in ${catalogue}.`),
        ) as unknown[];
        for (const screen of screens) {
          const wanted = new Set(sourcesOf(screen, bundle).flatMap((id) => said.get(id) ?? []));
          const own = words.map((word, number) => (wanted.has(number) ? word : 0));
          const script = module
            .replace(WORDS, () => `let c = ${JSON.stringify(own)}`)
            .replaceAll(/^export /gm, "");
          this.emitFile({
            type: "asset",
            name: `words-${screen}-${language}.js`,
            originalFileName: `src/words/${screen}/${language}.js`,
            source: `(() => {\n${script}\nglobalThis.velumWords = { c, p };\n})();\n`,
          });
        }
      }
    },
  };
}

/** All sources that a screen may load, also later. */
function sourcesOf(screen: string, bundle: Rollup.OutputBundle): string[] {
  const entry = `/screens/${screen}/main.ts`;
  const found = new Set<Rollup.OutputChunk>();
  const find = (chunk: Rollup.OutputAsset | Rollup.OutputChunk | undefined) => {
    if (chunk?.type !== "chunk" || found.has(chunk)) return;
    found.add(chunk);
    for (const name of [...chunk.imports, ...chunk.dynamicImports]) find(bundle[name]);
  };
  for (const chunk of Object.values(bundle))
    if (chunk.type === "chunk" && chunk.facadeModuleId?.endsWith(entry)) find(chunk);
  return [...found].flatMap((chunk) => Object.keys(chunk.modules));
}
