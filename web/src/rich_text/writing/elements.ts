// Between paragraphs and the elements in which they are written. Whatever elements there are, only what a paragraph can
// hold is read of them: what is pasted is made anew from what was read, and nothing else of it comes in.

import { grouped, type Paragraph, type Run } from "../paragraphs";
import { inPieces } from "../rich";

type Look = Pick<Run, "bold" | "italic" | "underline">;

const LOOKS = [
  ["bold", "b"],
  ["italic", "i"],
  ["underline", "u"],
] as const;
const PLAIN: Look = { bold: false, italic: false, underline: false };
const LISTS: Readonly<Record<string, "bullet" | "number">> = { UL: "bullet", OL: "number" };
const BLOCKS = new Set(
  "P DIV LI H1 H2 H3 H4 H5 H6 TR TD TH BLOCKQUOTE PRE SECTION ARTICLE HEADER FOOTER UL OL TABLE DD DT FIGCAPTION".split(
    " ",
  ),
);
const SILENT = new Set(
  "SCRIPT STYLE TEMPLATE NOSCRIPT TITLE HEAD META LINK OBJECT IFRAME SELECT BUTTON".split(" "),
);
/** Stands in the editor where nothing does. */
const NOTHING = /\u200b/g;

/** Elements in which paragraphs can be written: at least one. */
export function elementsOf(paragraphs: readonly Paragraph[]): HTMLElement[] {
  const made = grouped(paragraphs).flatMap(({ style, paragraphs }) => {
    if (style !== "bullet" && style !== "number")
      return paragraphs.map((paragraph) => element("p", runsOf(paragraph)));
    const items = paragraphs.map((paragraph) => element("li", runsOf(paragraph)));
    return [element(style === "bullet" ? "ul" : "ol", items)];
  });
  return made.length > 0 ? made : [element("p", [document.createElement("br")])];
}

function runsOf({ runs }: Paragraph): Node[] {
  const nodes = runs.flatMap((run) => {
    const lines = run.text
      .split("\n")
      .flatMap((line, i): Node[] => [
        ...(i > 0 ? [document.createElement("br")] : []),
        ...(line ? [document.createTextNode(line)] : []),
      ]);
    return LOOKS.reduce((inside, [look, tag]) => (run[look] ? [element(tag, inside)] : inside), lines);
  });
  // A line that ends the block, or is all of it, is only seen when something follows.
  const last = runs.at(-1)?.text;
  return last === undefined || last.endsWith("\n") ? [...nodes, document.createElement("br")] : nodes;
}

function element(tag: string, inside: readonly Node[]): HTMLElement {
  const made = document.createElement(tag);
  made.append(...inside);
  return made;
}

/** What is written in some elements. `formatted`: looks and lists too. `foreign`: spaces and line ends of its source mean nothing. */
export function paragraphsIn(
  root: Node,
  { formatted = true, foreign = false }: { formatted?: boolean; foreign?: boolean } = {},
): Paragraph[] {
  const found: Paragraph[] = [];
  let style: Paragraph["style"] = "body";
  let runs: Run[] = [];
  /** Whether the block in which we are has something, if only an empty line. */
  let open = false;

  function close() {
    const tidy = foreign ? trimmed(runs) : withoutLastBreak(runs);
    const empty = tidy.length === 0 && !runs.some(({ text }) => text.includes("\n"));
    if (open && !(foreign && empty)) found.push({ style, align: "left", runs: tidy.flatMap(inPieces) });
    [runs, open] = [[], false];
  }

  function add(text: string, look: Look) {
    open = true;
    const last = runs.at(-1);
    const same = last && LOOKS.every(([each]) => last[each] === look[each]);
    if (same) runs = [...runs.slice(0, -1), { ...last, text: last.text + text }];
    else if (text) runs = [...runs, { ...look, text, colour: null }];
  }

  function read(node: Node, look: Look, list: Paragraph["style"]) {
    if (node instanceof Text) {
      const text = node.data.replace(NOTHING, "").replace(/\u00a0/g, " ");
      if (!foreign) add(text, look);
      else if (open || text.trim()) add(text.replace(/\s+/g, " "), look);
      return;
    }
    if (node.nodeName === "BR") return add("\n", look);
    if (SILENT.has(node.nodeName)) return;
    const inner = node instanceof HTMLElement && formatted ? lookOf(node, look) : look;
    const block = BLOCKS.has(node.nodeName);
    if (block) {
      close();
      style = list;
      open = !foreign && !(node.nodeName in LISTS);
    }
    const listed = (formatted && LISTS[node.nodeName]) || list;
    for (const each of node.childNodes) read(each, inner, listed);
    if (block) {
      if (node.nodeName in LISTS) [runs, open] = [[], false];
      close();
      style = "body";
    }
  }

  for (const each of root.childNodes) read(each, PLAIN, "body");
  close();
  return found;
}

function lookOf(place: HTMLElement, { bold, italic, underline }: Look): Look {
  const { fontWeight, fontStyle, textDecorationLine } = place.style;
  const heavy = fontWeight === "bold" || Number(fontWeight) >= 600;
  return {
    bold: fontWeight ? heavy : bold || ["B", "STRONG"].includes(place.nodeName),
    italic: fontStyle ? fontStyle === "italic" : italic || ["I", "EM"].includes(place.nodeName),
    underline: underline || place.nodeName === "U" || textDecorationLine.includes("underline"),
  };
}

const withoutEmpty = (runs: readonly Run[]): Run[] => runs.filter(({ text }) => text !== "");

/** An editor ends a block whose last line is empty with one break more than there are lines. */
function withoutLastBreak(runs: readonly Run[]): Run[] {
  return withoutEmpty(
    runs.map((run, i) => (i < runs.length - 1 ? run : { ...run, text: run.text.replace(/\n$/, "") })),
  );
}

function trimmed(runs: readonly Run[]): Run[] {
  return withoutEmpty(
    runs.map((run, i) => {
      const start = i === 0 ? run.text.trimStart() : run.text;
      return { ...run, text: i === runs.length - 1 ? start.trimEnd() : start };
    }),
  );
}
