// What lies on pages, with its keys, taken along to other places, pages and worksheets.

import type { Document, Edit, Field, Fixture, Key, Page } from "../../api/teacher";
import { moved, rounded, sameBox, type Box } from "../../canvas/box";
import { plural } from "../../words/say";
import { unlessEmpty, type Command } from "../command";
import { newId } from "../ids";
import { isField, lying, type Placed } from "../lying";
import { laying } from "./repeat";
import { ofTheCopies } from "./working_out";

/** What was copied, each with the number of its page among those that were copied from, and the keys by the field's id. */
export interface Copied {
  things: readonly { placed: Field | Fixture; page: number }[];
  keys: Readonly<Record<string, Key>>;
}

/** Points by which what is pasted over itself lies aside. */
const ASIDE = 12;

/** What is copied when some are in hand. */
export function copied(document: Document, ids: readonly string[]): Copied | undefined {
  const all = lying(document, ids);
  const pages = all.map(({ page }) => document.pages.findIndex(({ id }) => id === page));
  const first = Math.min(...pages);
  if (all.length === 0) return undefined;
  return {
    things: all.map((placed, i) => ({ placed, page: (pages[i] ?? 0) - first })),
    keys: Object.fromEntries(Object.entries(document.keys).filter(([id]) => ids.includes(id))),
  };
}

/** Paste onto a page and those behind it; what is pasted is in hand then. */
export function paste(document: Document, { things, keys }: Copied, onto: Page): Command | undefined {
  const start = document.pages.findIndex(({ id }) => id === onto.id);
  const copies: { from: string; placed: Placed }[] = [];
  const aside = clear(document, things, start) * ASIDE;
  for (const { placed, page: behind } of things) {
    const page = document.pages[Math.min(start + behind, document.pages.length - 1)];
    if (!page) continue;
    const id = newId();
    const box = rounded(moved(placed.box, { x: aside, y: aside }, page));
    const there = { ...placed, id, page: page.id, box } as Placed;
    if (isField(there)) there.number = free(document, there.number);
    copies.push({ from: placed.id, placed: there });
  }
  const select = copies.map(({ placed }) => placed.id);
  const edits = ofTheCopies(copies).flatMap((placed, i): Edit[] => {
    const key = keys[copies[i]?.from ?? ""];
    return [laying(placed), ...(key ? [{ op: "set_key" as const, field_id: placed.id, key }] : [])];
  });
  return unlessEmpty({ label: plural(select.length, ["# pasted", "# pasted"]), edits, select });
}

/** A number that a teacher set, unless another field has it. */
const free = (document: Document, number: string): string =>
  document.fields.some((field) => field.number === number) ? "" : number;

/** How many times what is pasted has to go aside, so that nothing comes to lie exactly over its like. */
function clear(document: Document, things: Copied["things"], start: number): number {
  const all: Placed[] = [...document.fixtures, ...document.fields];
  const over = (placed: Placed, page: Page | undefined, by: number) =>
    page !== undefined &&
    all.some(
      (other) =>
        other.kind === placed.kind &&
        other.page === page.id &&
        sameBox(other.box, shifted(placed.box, by, page)),
    );
  let times = 0;
  while (
    times < 50 &&
    things.some(({ placed, page }) => over(placed, document.pages[start + page], times * ASIDE))
  )
    times += 1;
  return times;
}

const shifted = (box: Box, by: number, page: Page): Box => rounded(moved(box, { x: by, y: by }, page));
