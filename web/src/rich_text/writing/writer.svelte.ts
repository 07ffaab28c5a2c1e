// Writing at length, on the page or in the dock. What is written comes from ProseMirror's document and goes back into it.

import { baseKeymap, toggleMark } from "@tiptap/pm/commands";
import { history, redo, undo } from "@tiptap/pm/history";
import { keymap } from "@tiptap/pm/keymap";
import { Fragment, Node, Slice } from "@tiptap/pm/model";
import { liftListItem, splitListItem, wrapInList } from "@tiptap/pm/schema-list";
import { EditorState, type Command, type Transaction } from "@tiptap/pm/state";
import { EditorView } from "@tiptap/pm/view";
import type { Paragraph } from "../paragraphs";
import { fromEditor, toEditor, writable } from "../rich";
import { SCHEMA } from "./schema";
import { setWriter } from "./writers.svelte";

export type Look = "bold" | "italic" | "underline" | "bulletList" | "orderedList";

const { bold, italic, underline } = SCHEMA.marks;
const { listItem, bulletList, orderedList } = SCHEMA.nodes;
if (!bold || !italic || !underline || !listItem || !bulletList || !orderedList)
  throw new Error("The schema lacks what is written with.");
const MARKS = { bold, italic, underline };
const LISTS = { bulletList, orderedList };

interface Attributes {
  label: string;
  describedby: string;
  spelling: string;
  readonly: boolean;
}

export class Writer {
  readonly view: EditorView;
  private state: EditorState = $state.raw(EditorState.create({ schema: SCHEMA }));

  constructor(
    place: HTMLElement,
    paragraphs: readonly Paragraph[],
    private readonly options: {
      formatted: boolean;
      most: { letters: number; paragraphs: number };
      attributes: () => Attributes;
      onwrite: (paragraphs: Paragraph[]) => void;
      onfocus?: () => void;
    },
  ) {
    this.state = this.begun(paragraphs);
    this.view = new EditorView(place, {
      state: this.state,
      dispatchTransaction: (transaction) => this.take(transaction),
      editable: () => !options.attributes().readonly,
      attributes: () => attributesOf(options.attributes()),
      transformPasted: (slice) => (options.formatted ? slice : unformatted(slice)),
      transformPastedText: (text) => writable(text),
      handleDOMEvents: {
        focus: () => {
          options.onfocus?.();
          return false;
        },
      },
    });
    setWriter(this.view.dom, this);
  }

  /** What is written. */
  get paragraphs(): Paragraph[] {
    const written = fromEditor(this.state.doc.toJSON() as Parameters<typeof fromEditor>[0]);
    return written.every(({ style, runs }) => style === "body" && runs.length === 0) ? [] : written;
  }

  /** Show something else, as another device has it; not while somebody writes here. */
  show(paragraphs: readonly Paragraph[]): void {
    if (this.view.hasFocus()) return;
    const begun = this.begun(paragraphs);
    if (begun.doc.eq(this.state.doc)) return;
    this.state = begun;
    this.view.updateState(this.state);
  }

  /** What it says of itself to those who listen may have changed. */
  refresh(): void {
    this.view.setProps({});
  }

  /** Whether what is marked has a look. */
  has(look: Look): boolean {
    const { from, $from: cursor, to, empty } = this.state.selection;
    if (look === "bulletList" || look === "orderedList") return cursor.node(1)?.type === LISTS[look];
    const mark = MARKS[look];
    if (empty) return mark.isInSet(this.state.storedMarks ?? cursor.marks()) !== undefined;
    return this.state.doc.rangeHasMark(from, to, mark);
  }

  /** Give what is marked a look, or take it away. */
  toggle(look: Look): void {
    this.run(
      look === "bulletList" || look === "orderedList"
        ? this.has(look)
          ? liftListItem(listItem as NonNullable<typeof listItem>)
          : this.inAList()
            ? this.turned(look)
            : wrapInList(LISTS[look])
        : toggleMark(MARKS[look]),
    );
    this.view.focus();
  }

  destroy(): void {
    this.view.destroy();
  }

  private inAList(): boolean {
    return this.has("bulletList") || this.has("orderedList");
  }

  /** The list around the cursor as one of the other sort. */
  private turned(look: keyof typeof LISTS): Command {
    return (state, dispatch) => {
      dispatch?.(state.tr.setNodeMarkup(state.selection.$from.before(1), LISTS[look]));
      return true;
    };
  }

  private run(command: Command): void {
    command(this.state, (transaction) => this.take(transaction), this.view);
  }

  private take(transaction: Transaction): void {
    const { doc } = transaction;
    const grows = doc.content.size > this.state.doc.content.size;
    const paragraphs = blocks(doc);
    // The end of a paragraph is kept as a letter too.
    const letters = doc.textContent.length + paragraphs - 1;
    const { most } = this.options;
    if (grows && (letters > most.letters || paragraphs > most.paragraphs)) return;
    this.state = this.state.apply(transaction);
    this.view.updateState(this.state);
    if (transaction.docChanged) this.options.onwrite(this.paragraphs);
  }

  private begun(paragraphs: readonly Paragraph[]): EditorState {
    const item = listItem as NonNullable<typeof listItem>;
    const formatting: Record<string, Command> = this.options.formatted
      ? {
          "Mod-b": toggleMark(MARKS.bold),
          "Mod-i": toggleMark(MARKS.italic),
          "Mod-u": toggleMark(MARKS.underline),
        }
      : {};
    return EditorState.create({
      doc: Node.fromJSON(SCHEMA, plainDoc(paragraphs)),
      plugins: [
        history(),
        keymap({
          "Mod-z": undo,
          "Mod-y": redo,
          "Mod-Shift-z": redo,
          Enter: splitListItem(item),
          ...formatting,
        }),
        keymap(baseKeymap),
      ],
    });
  }
}

const blocks = (doc: Node): number => {
  let count = 0;
  doc.descendants((node) => {
    if (node.isTextblock) count++;
    return !node.isTextblock;
  });
  return count;
};

/** Only what this schema knows: headings become paragraphs, and colours are left out. */
function plainDoc(paragraphs: readonly Paragraph[]): unknown {
  const plain = paragraphs.map(({ style, runs }) => ({
    style: style === "bullet" || style === "number" ? style : ("body" as const),
    align: "left" as const,
    runs: runs.map((run) => ({ ...run, colour: null })),
  }));
  return JSON.parse(
    JSON.stringify(toEditor(plain), (name, value: unknown) => (name === "attrs" ? undefined : value)),
  );
}

function unformatted(slice: Slice): Slice {
  const strip = (fragment: Fragment): Fragment => {
    const nodes: Node[] = [];
    fragment.forEach((node) => nodes.push(node.isText ? node.mark([]) : node.copy(strip(node.content))));
    return Fragment.from(nodes);
  };
  return new Slice(strip(slice.content), slice.openStart, slice.openEnd);
}

function attributesOf({ label, describedby, spelling, readonly }: Attributes): Record<string, string> {
  return {
    "aria-label": label,
    role: "textbox",
    "aria-multiline": "true",
    spellcheck: spelling ? "true" : "false",
    ...(spelling ? { lang: spelling } : {}),
    ...(describedby ? { "aria-describedby": describedby } : {}),
    ...(readonly ? { "aria-readonly": "true" } : {}),
    tabindex: "0",
    dir: "auto",
  };
}
