// @vitest-environment happy-dom

import fc from "fast-check";
import { expect, test } from "vitest";
import type { Paragraph, Run } from "../paragraphs";
import { elementsOf, paragraphsIn } from "./elements";

const put = (...nodes: Node[]): HTMLElement => {
  const place = document.createElement("div");
  place.append(...nodes);
  return place;
};
const pasted = (html: string, formatted = true) => {
  const { body } = new DOMParser().parseFromString(html, "text/html");
  return paragraphsIn(body, { foreign: true, formatted }).map(({ style, runs }) => [
    style,
    runs.map(({ text, bold, italic, underline }) => {
      const looks = [bold && "b", italic && "i", underline && "u"].filter(Boolean).join("");
      return looks ? `${looks}:${text}` : text;
    }),
  ]);
};

const run = fc.record({
  text: fc
    .array(fc.constantFrom("a", "é", " ", "\n", "<b>", "&amp;", "شط", "x  y"), { minLength: 1, maxLength: 4 })
    .map((parts) => parts.join("")),
  bold: fc.boolean(),
  italic: fc.boolean(),
  underline: fc.boolean(),
  colour: fc.constant(null),
});
const paragraph = fc.record({
  style: fc.constantFrom("body" as const, "bullet" as const, "number" as const),
  align: fc.constant("left" as const),
  runs: fc.array(run, { maxLength: 3 }),
});

/** Runs of the same look that follow each other are one. */
const joined = (paragraphs: Paragraph[]): Paragraph[] =>
  paragraphs.map(({ runs, ...rest }) => ({
    ...rest,
    runs: runs.reduce<Run[]>((all, each) => {
      const last = all.at(-1);
      const same =
        last && (["bold", "italic", "underline"] as const).every((look) => last[look] === each[look]);
      return same ? [...all.slice(0, -1), { ...last, text: last.text + each.text }] : [...all, each];
    }, []),
  }));

test("what is written comes back as it was", () => {
  fc.assert(
    fc.property(fc.array(paragraph, { minLength: 1, maxLength: 4 }), (paragraphs) => {
      expect(paragraphsIn(put(...elementsOf(paragraphs)))).toEqual(joined(paragraphs));
    }),
  );
});

test("nothing is one empty line, to write in", () => {
  expect(put(...elementsOf([])).innerHTML).toBe("<p><br></p>");
});

test.each([
  [
    "<p>wind <b>north</b></p><p>calm</p>",
    [
      ["body", ["wind ", "b:north"]],
      ["body", ["calm"]],
    ],
  ],
  ["<div>\n  <p>\n one\n two </p>\n</div>", [["body", ["one two"]]]],
  ["plain <i>words</i>", [["body", ["plain ", "i:words"]]]],
  [
    "<ul><li>oil</li><li>wick</li></ul><ol><li>first</li></ol>",
    [
      ["bullet", ["oil"]],
      ["bullet", ["wick"]],
      ["number", ["first"]],
    ],
  ],
  [
    "<ul><li>oil<ul><li>whale</li></ul></li></ul>",
    [
      ["bullet", ["oil"]],
      ["bullet", ["whale"]],
    ],
  ],
  [
    "<table><tr><td>48</td><td>42</td></tr></table>",
    [
      ["body", ["48"]],
      ["body", ["42"]],
    ],
  ],
  [
    "<h1>Log</h1><script>x()</script><style>p{}</style><p>calm</p>",
    [
      ["body", ["Log"]],
      ["body", ["calm"]],
    ],
  ],
  [
    "<b style='font-weight:normal'><span style='font-weight:700'>fog</span> horn</b>",
    [["body", ["b:fog", " horn"]]],
  ],
  ["<p><img src=x onerror=x()>a</p><p></p><p> </p>", [["body", ["a"]]]],
  ["<a href='javascript:x()'>press</a>", [["body", ["press"]]]],
  [
    "<p>one</p><p><br></p><p>two</p>",
    [
      ["body", ["one"]],
      ["body", []],
      ["body", ["two"]],
    ],
  ],
  ["one<br>two", [["body", ["one\ntwo"]]]],
  ["", []],
])("of %j only what can be written is taken", (html, taken) => {
  expect(pasted(html)).toEqual(taken);
});

test("without looks, words alone are taken", () => {
  expect(pasted("<ul><li><b>oil</b> lamp</li></ul>", false)).toEqual([["body", ["oil lamp"]]]);
});
