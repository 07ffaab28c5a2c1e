// Writing at length, on the page, in the dock or in a dialog.

import Squire from "squire-rte";
import { lettersOf, type Paragraph } from "../paragraphs";
import { writable } from "../rich";
import { elementsOf, paragraphsIn } from "./elements";
import { setWriter, WRITING } from "./writers.svelte";

export type Look = "bold" | "italic" | "underline" | "bullet" | "number";

const TAGS: Readonly<Record<Look, string>> = {
  bold: "B",
  italic: "I",
  underline: "U",
  bullet: "UL",
  number: "OL",
};
/** What the editor does at keys besides, and that paragraphs cannot hold. */
const UNKNOWN = ["Shift-7", "Shift-5", "Shift-6", "[", "]", "d"];
/** What these do is for the browser: Tab leads on, and out of a list. */
const AS_USUAL = ["Tab", "Shift-Tab", "PageUp", "PageDown"];
const LOOKS = ["b", "i", "u", "Shift-8", "Shift-9"];

interface Attributes {
  label: string;
  describedby: string;
  spelling: string;
  readonly: boolean;
}

interface Options {
  formatted: boolean;
  /** The most that is kept. */
  most: { letters: number; paragraphs: number };
  attributes: () => Attributes;
  onwrite: (paragraphs: Paragraph[]) => void;
  onfocus?: () => void;
}

export class Writer {
  private readonly place = document.createElement("div");
  private readonly editor: Squire;
  /** What is written. */
  paragraphs: Paragraph[] = $state.raw([]);
  /** Whether what is put in is our own. */
  private begins = false;
  /** Rises when the cursor or the looks at it are others. */
  private turns = $state(0);

  constructor(
    into: HTMLElement,
    paragraphs: readonly Paragraph[],
    private readonly options: Options,
  ) {
    this.place.className = WRITING;
    into.append(this.place);
    this.editor = new Squire(this.place, {
      blockTag: "P",
      addLinks: false,
      sanitizeToDOMFragment: (html) => this.safe(html),
      didError: (problem: unknown) => console.error(problem),
    });
    const command = /Mac|iP(hone|ad|od)/.test(navigator.userAgent) ? "Meta-" : "Ctrl-";
    for (const key of [...UNKNOWN, ...(options.formatted ? [] : LOOKS)])
      this.editor.setKeyHandler(command + key, (_, event) => event.preventDefault());
    for (const key of AS_USUAL) this.editor.setKeyHandler(key, null);
    // Without making a list of "1." by itself: a date begins so, too.
    this.editor.setKeyHandler(" ", (editor, _, range) => editor.saveUndoState(range));
    this.begin(plain(paragraphs));
    this.refresh();
    this.editor.addEventListener("input", () => this.take());
    for (const turn of ["pathChange", "select", "cursor"])
      this.editor.addEventListener(turn, () => (this.turns += 1));
    this.place.addEventListener("focus", () => options.onfocus?.());
    this.place.addEventListener("beforeinput", (event) => this.look(event), { capture: true });
    setWriter(this.place, this);
  }

  /** Show something else, as another device has it; not while somebody writes here. */
  show(paragraphs: readonly Paragraph[]): void {
    if (this.place.contains(document.activeElement)) return;
    const others = plain(paragraphs);
    if (JSON.stringify(others) !== JSON.stringify(this.paragraphs)) this.begin(others);
  }

  /** What it says of itself to those who listen may have changed. */
  refresh(): void {
    const { label, describedby, spelling, readonly } = this.options.attributes();
    const attributes: Record<string, string> = {
      "aria-label": label,
      role: "textbox",
      "aria-multiline": "true",
      "aria-describedby": describedby,
      "aria-readonly": readonly ? "true" : "",
      spellcheck: spelling ? "true" : "false",
      lang: spelling,
      tabindex: "0",
      dir: "auto",
      contenteditable: readonly ? "false" : "true",
    };
    for (const [name, value] of Object.entries(attributes))
      if (value) this.place.setAttribute(name, value);
      else this.place.removeAttribute(name);
  }

  /** Whether what is marked has a look. */
  has(look: Look): boolean {
    void this.turns;
    return this.editor.hasFormat(TAGS[look]);
  }

  /** Give what is marked a look, or take it away. */
  toggle(look: Look): void {
    const { editor } = this;
    const has = this.has(look);
    if (look === "bullet" || look === "number") {
      if (has) editor.removeList();
      else if (look === "bullet") editor.makeUnorderedList();
      else editor.makeOrderedList();
    } else editor.changeFormat(has ? null : { tag: TAGS[look] }, has ? { tag: TAGS[look] } : null);
    editor.focus();
    this.take();
  }

  destroy(): void {
    this.editor.destroy();
    this.place.remove();
  }

  private begin(paragraphs: Paragraph[]): void {
    this.paragraphs = paragraphs;
    this.begins = true;
    this.editor.setHTML(html(paragraphs));
    this.begins = false;
  }

  /** Something was written. */
  private take(): void {
    this.turns += 1;
    const written = plain(paragraphsIn(this.place, this.options));
    if (JSON.stringify(written) === JSON.stringify(this.paragraphs)) return;
    if (this.isTooMuch(written)) return this.begin(this.paragraphs);
    this.paragraphs = written;
    this.options.onwrite(written);
  }

  private isTooMuch(paragraphs: readonly Paragraph[], more = 0): boolean {
    const { most } = this.options;
    // The ends of paragraphs are kept as letters too.
    return paragraphs.length > most.paragraphs || lettersOf(paragraphs).length + more > most.letters;
  }

  /** Before the editor does something: what paragraphs cannot hold, and what there is no room for, is not done. */
  private look(event: InputEvent): void {
    const { inputType, data } = event;
    const looks = this.options.formatted ? ["formatBold", "formatItalic", "formatUnderline"] : [];
    const unknown = inputType.startsWith("format") && !looks.includes(inputType);
    const tooMuch = inputType.startsWith("insert") && this.isTooMuch(this.paragraphs, data?.length ?? 1);
    const line = inputType === "insertLineBreak";
    if (!unknown && !tooMuch && !line) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    if (line && !tooMuch) this.editor.splitBlock(false);
  }

  /** What is pasted, made anew from what paragraphs can hold. A text of more than there is room for is left out. */
  private safe(source: string): DocumentFragment {
    const read = new DOMParser().parseFromString(source, "text/html").body;
    const fragment = document.createDocumentFragment();
    const { formatted } = this.options;
    const paragraphs = plain(paragraphsIn(read, { formatted, foreign: !this.begins }));
    if (!this.isTooMuch(paragraphs)) fragment.append(...elementsOf(paragraphs));
    return fragment;
  }
}

const html = (paragraphs: readonly Paragraph[]): string =>
  elementsOf(paragraphs)
    .map((element) => element.outerHTML)
    .join("");

/** Only what is written here: headings become paragraphs, and colours are left out. Empty lines at the end are none: an
 * editor has one below every list.
 */
function plain(paragraphs: readonly Paragraph[]): Paragraph[] {
  const known = paragraphs.map(({ style, runs }) => ({
    style: style === "bullet" || style === "number" ? style : ("body" as const),
    align: "left" as const,
    runs: runs.map((run) => ({ ...run, text: writable(run.text), colour: null })),
  }));
  return known.slice(0, known.findLastIndex(({ style, runs }) => style !== "body" || runs.length > 0) + 1);
}
