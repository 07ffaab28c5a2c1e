// A passage as a teacher types it: words in square brackets are gaps, with what is right in them; "[sea | ocean]" is a gap
// with two right answers, "[=1]" the first gap once more, and a line of dots or underscores a gap without a right answer yet.
// A backslash before a bracket, a bar or a backslash lets it stand for itself.

import type { FieldOf, KeyOf } from "../teacher";
import { rightOf } from "../written_key";
import { newGap, type Stretch } from "./passage";
import { newId } from "../../worksheet/ids";

type Gaps = FieldOf<"gaps">;
type Right = KeyOf<"gaps">["right"][number];

/** The most gaps that a passage may have, and the most letters. */
export const MOST_GAPS = 100;
export const MOST_LETTERS = 20_000;
const MOST_STRETCHES = 4 * MOST_GAPS;

const escaped = (text: string) => text.replace(/[\\[\]|]/g, "\\$&");

/** Words as they are typed: what would be a blank is none. */
const asWords = (text: string) =>
  escaped(text).replace(/_{2,}|\.{4,}|…{2,}/gu, (blank) => blank.replace(/./gsu, "\\$&"));

/** What is right as it is typed: what would name another gap does not. */
const asRight = (text: string) => escaped(text).replace(/^=/, "\\=");

/** The passage as it is typed. */
export function sourceOf(field: Gaps, key: KeyOf<"gaps"> | undefined): string {
  const seen: string[] = [];
  return field.passage
    .map(({ text, gap }) => {
      if (!gap) return asWords(text);
      if (seen.includes(gap)) return `[=${seen.indexOf(gap) + 1}]`;
      seen.push(gap);
      const right = key?.right.find(({ part }) => part === gap);
      return `[${right ? [right.text, ...right.also].map(asRight).join(" | ") : ""}]`;
    })
    .join("");
}

type Token = { text: string } | { right: string[] } | { again: number };

/** Why a passage cannot be taken as it was typed; empty: it can. */
export function problemOf(source: string): string {
  const all = tokens(source);
  const letters = all.reduce((sum, token) => sum + ("text" in token ? plain(token.text).length : 0), 0);
  const gaps = all.filter((token) => "right" in token).length;
  if (letters > MOST_LETTERS)
    return /* @wc-include */ `A passage has at most ${MOST_LETTERS} letters; this one has ${letters}. What was there before is kept.`;
  if (gaps > MOST_GAPS)
    return /* @wc-include */ `A passage has at most ${MOST_GAPS} gaps; this one has ${gaps}. What was there before is kept.`;
  return all.length > MOST_STRETCHES
    ? /* @wc-include */ "This passage has too many gaps that stand in it again. What was there before is kept."
    : "";
}

/** Whether every bracket that is opened is closed. */
export const isWhole = (source: string): boolean =>
  tokens(source).every((token) => !("text" in token) || !/(^|[^\\])\[/.test(token.text));

/** Words, gaps with what is right in them, and gaps that stand there again. A bracket that is not closed is words. */
function tokens(source: string): Token[] {
  const found: Token[] = [];
  const pattern = /\[((?:\\.|[^\\[\]])*)\]|_{2,}|\.{4,}|…{2,}|(?:\\.|[^\\[\]_.…]|.)/gsu;
  for (const [all, inner] of source.matchAll(pattern)) {
    const again = /^=\s*(\d{1,3})$/.exec(inner?.trim() ?? "");
    if (again) found.push({ again: Number(again[1]) });
    else if (inner !== undefined) found.push({ right: alternatives(inner) });
    else if (all.length > 1 && !all.startsWith("\\") && /^[_.…]/u.test(all)) found.push({ right: [] });
    else {
      const last = found.at(-1);
      if (last && "text" in last) last.text += all;
      else found.push({ text: all });
    }
  }
  return found;
}

const plain = (text: string) => text.replace(/\\(.)/gsu, "$1");

const alternatives = (inner: string): string[] =>
  (inner.match(/(?:\\.|[^\\|])+/gsu) ?? []).map((each) => plain(each).trim()).filter(Boolean);

/** The field and its key with the passage that was typed. Gaps that are still there keep all that was settled of them. */
export function typed(
  field: Gaps,
  key: KeyOf<"gaps"> | undefined,
  source: string,
): [Gaps, KeyOf<"gaps"> | null] {
  const all = tokens(source);
  const wanted = all.flatMap((token) => ("right" in token ? [token.right] : [])).slice(0, MOST_GAPS);
  const ids = keptIds(field, key, wanted);
  const passage: Stretch[] = [];
  const say = (text: string) => {
    const last = passage.at(-1);
    if (last && !last.gap) passage[passage.length - 1] = { text: last.text + text, gap: null };
    else passage.push({ text, gap: null });
  };
  let at = 0;
  for (const token of all) {
    const gap =
      "right" in token ? ids[at++] : "again" in token ? ids.slice(0, at)[token.again - 1] : undefined;
    if (gap) passage.push({ text: "", gap });
    else
      say(
        "text" in token ? plain(token.text) : "right" in token ? token.right.join(" | ") : `=${token.again}`,
      );
  }
  const gaps = ids.map((id) => field.gaps.find((gap) => gap.id === id) ?? newGap(id));
  const right = ids.flatMap((id, i) => rightAs(key, id, wanted[i] ?? []));
  const settled = Object.fromEntries(Object.entries(field.settled).filter(([id]) => ids.includes(id)));
  return [{ ...field, passage, gaps, settled }, right.length > 0 ? { kind: "gaps", right } : null];
}

/** What is right in a gap after these words were typed for it. */
function rightAs(key: KeyOf<"gaps"> | undefined, part: string, words: string[]): Right[] {
  if (words.length === 0) return [];
  const before = key?.right.find((right) => right.part === part);
  const [text = "", ...also] = words;
  return [before ? { ...before, text, also } : rightOf(part, words)];
}

/** The ids of gaps with these words: those that were there before keep theirs, in their order. */
function keptIds(field: Gaps, key: KeyOf<"gaps"> | undefined, wanted: readonly string[][]): string[] {
  const before = field.gaps.map(({ id }) => {
    const right = key?.right.find(({ part }) => part === id);
    return { id, words: right ? [right.text, ...right.also].join("|") : "" };
  });
  const now = wanted.map((words) => words.join("|"));
  const pairs = commonIn(
    before.map(({ words }) => words),
    now,
  );
  const ids: (string | undefined)[] = now.map((_, i) => before[pairs.get(i) ?? -1]?.id);
  // Between gaps that are the same, as many as were there before are those, with other words.
  let from = 0;
  let was = 0;
  for (let to = 0; to <= now.length; to++) {
    const end = to === now.length ? before.length : pairs.get(to);
    if (end === undefined) continue;
    if (to - from === end - was) for (let i = from; i < to; i++) ids[i] ??= before[was + i - from]?.id;
    from = to + 1;
    was = end + 1;
  }
  return ids.map((id) => id ?? newId());
}

/** Which of some texts are which of others, as many as can be in their order (the longest common subsequence). */
function commonIn(before: readonly string[], now: readonly string[]): Map<number, number> {
  const most = Array.from({ length: before.length + 1 }, () => new Array<number>(now.length + 1).fill(0));
  const at = (i: number, j: number) => most[i]?.[j] ?? 0;
  for (let i = before.length - 1; i >= 0; i--)
    for (let j = now.length - 1; j >= 0; j--)
      (most[i] as number[])[j] =
        before[i] === now[j] ? at(i + 1, j + 1) + 1 : Math.max(at(i + 1, j), at(i, j + 1));
  const pairs = new Map<number, number>();
  for (let i = 0, j = 0; i < before.length && j < now.length;) {
    if (before[i] === now[j]) pairs.set(j++, i++);
    else if (at(i + 1, j) >= at(i, j + 1)) i++;
    else j++;
  }
  return pairs;
}

/** The source with its marked words made a gap, or the word at the cursor; within a gap, with its words as words again. */
export function gapToggled(source: string, start: number, end: number): string {
  const open = source.lastIndexOf("[", start);
  const close = source.indexOf("]", open);
  if (open >= 0 && close >= start && source.lastIndexOf("]", start - 1) < open)
    return source.slice(0, open) + source.slice(open + 1, close) + source.slice(close + 1);
  const letters = /[\p{L}\p{M}\p{N}'’-]/u;
  if (start === end) {
    while (start > 0 && letters.test(source[start - 1] ?? "")) start--;
    while (end < source.length && letters.test(source[end] ?? "")) end++;
  }
  const marked = source.slice(start, end);
  const words = marked.trim();
  if (!words || /[[\]]/.test(words)) return source;
  const from = start + marked.indexOf(words);
  return `${source.slice(0, from)}[${words}]${source.slice(from + words.length)}`;
}
