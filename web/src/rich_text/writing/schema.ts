// What can be written at length: paragraphs and lists, words bold, italic, underlined. The names are those of
// rich.ts.

import { Schema } from "@tiptap/pm/model";

export const SCHEMA = new Schema({
  nodes: {
    doc: { content: "block+" },
    paragraph: { group: "block", content: "inline*", parseDOM: [{ tag: "p" }], toDOM: () => ["p", 0] },
    bulletList: {
      group: "block",
      content: "listItem+",
      parseDOM: [{ tag: "ul" }],
      toDOM: () => ["ul", 0],
    },
    orderedList: {
      group: "block",
      content: "listItem+",
      parseDOM: [{ tag: "ol" }],
      toDOM: () => ["ol", 0],
    },
    listItem: { content: "paragraph", parseDOM: [{ tag: "li" }], toDOM: () => ["li", 0], defining: true },
    text: { group: "inline" },
  },
  marks: {
    bold: {
      parseDOM: [
        { tag: "strong" },
        { tag: "b" },
        { style: "font-weight=bold" },
        { style: "font-weight=700" },
      ],
      toDOM: () => ["strong", 0],
    },
    italic: {
      parseDOM: [{ tag: "em" }, { tag: "i" }, { style: "font-style=italic" }],
      toDOM: () => ["em", 0],
    },
    underline: {
      parseDOM: [{ tag: "u" }, { style: "text-decoration=underline" }],
      toDOM: () => ["u", 0],
    },
  },
});
