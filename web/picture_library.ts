// The picture library: an open set of drawings in one style, found by keyword, shipped with the build.

import icons from "@iconify-json/fluent-emoji-flat/icons.json" with { type: "json" };
import chars from "@iconify-json/fluent-emoji-flat/chars.json" with { type: "json" };
import info from "@iconify-json/fluent-emoji-flat/info.json" with { type: "json" };
import emoji from "emojibase-data/en/data.json" with { type: "json" };
import type { Plugin } from "vite";

interface Icon {
  body: string;
  width?: number;
  height?: number;
}

/** A picture of the library: its file's name, what it shows, and the words that it is found by. */
interface Entry {
  name: string;
  label: string;
  words: string;
}

const svg = ({ body, width = icons.width, height = icons.height }: Icon) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${body}</svg>`;

/** The order in which groups of the set are shown: what worksheets are about first, faces and flags last. */
const GROUPS = [3, 4, 5, 6, 7, 8, 1, 0, 9];

/** What each picture shows. Variants by tone of skin are left out: each is found once, as it is drawn. */
function entries(): Entry[] {
  const names = new Map(Object.entries(chars).map(([code, name]) => [code.toLowerCase(), name]));
  const drawn: Record<string, Icon> = icons.icons;
  const rank = ({ group }: { group?: number }) => GROUPS.indexOf(group ?? 9);
  return emoji
    .toSorted((a, b) => rank(a) - rank(b))
    .flatMap(({ hexcode, label, tags }) => {
      const plain = hexcode.toLowerCase();
      const name = names.get(plain) ?? names.get(plain.replaceAll("-fe0f", ""));
      if (!name || !drawn[name]) return [];
      return [{ name, label, words: [label, ...(tags ?? [])].join(" ").toLowerCase() }];
    });
}

/** Writes each picture, an index of them, and whose they are, into the folder `library` of the build. */
export function pictureLibrary(): Plugin {
  return {
    name: "velum-picture-library",
    generateBundle() {
      const all = entries();
      const drawn: Record<string, Icon> = icons.icons;
      for (const { name } of all) {
        const icon = drawn[name];
        if (icon) this.emitFile({ type: "asset", fileName: `library/${name}.svg`, source: svg(icon) });
      }
      const { name, author, license } = info;
      const from = { name, author: author.name, licence: license.title, address: license.url };
      this.emitFile({
        type: "asset",
        fileName: "library/index.json",
        source: JSON.stringify({ from, pictures: all }),
      });
    },
  };
}
