// Question numbers while the worksheet is edited: the core's rule again (numbering.py), so that they follow at once.

import type { Field } from "../api/teacher";
import { partsOf, refName, type Part } from "../kinds/form";

const LAST = /^(.*?)(\d+|(?<![^\P{L}])[a-z]{1,4}|(?<![^\P{L}])[A-Z])([^\p{L}\p{N}_]*)$/su;
const ROMAN = "i ii iii iv v vi vii viii ix x xi xii xiii xiv xv xvi".split(" ");

/** A part of a worksheet with its number. */
export interface Question {
  /** The part's name in lists and maps. */
  name: string;
  field: Field;
  part: Part;
  number: string;
}

/** The parts of fields, which stand in the order of reading. */
export function questionsOf(fields: readonly Field[]): Question[] {
  const parts = fields.flatMap((field) => partsOf(field).map((part) => ({ field, part })));
  const isWorking = workingIn(fields);
  const counted = parts.filter(({ field }) => !isWorking(field));
  const all = numbers(counted.map(({ part }) => part.number));
  const found = new Map(counted.map(({ part }, i) => [part, all[i] ?? ""]));
  for (const { field, part } of parts.filter(({ field }) => isWorking(field))) {
    const first = counted.find((each) => each.field.id === field.working_for);
    const taken = new Set(found.values());
    let number = `${(first && found.get(first.part)) ?? ""}${MORE}`;
    while (taken.has(number)) number += MORE;
    found.set(part, part.number || number);
  }
  return parts.map(({ field, part }) => {
    const name = refName({ field_id: field.id, part: part.id });
    return { name, field, part, number: found.get(part) ?? "" };
  });
}

/** What the number of working-out has besides that of what it is for. */
const MORE = "+";

/** Tells which of the fields are the working-out of another. */
export function workingIn(fields: readonly Field[]): (field: Field) => boolean {
  const asked = new Set(
    fields.flatMap((field) => (field.working_for == null && partsOf(field).length > 0 ? [field.id] : [])),
  );
  return ({ working_for }) => working_for != null && asked.has(working_for);
}

/** The number of each field, which is that of its first part, by its id. */
export function numbersOf(fields: readonly Field[]): Record<string, string> {
  const found: Record<string, string> = {};
  for (const { field, number } of questionsOf(fields)) found[field.id] ??= number;
  return found;
}

export function numbers(own: readonly string[]): string[] {
  const found: string[] = [];
  let roman = false;
  for (const number of own) {
    if (number) roman = counting(number) === "i" || (roman && ROMAN.includes(counting(number)));
    const before = found.at(-1);
    found.push(number || (before === undefined ? "1" : following(before, roman)));
  }
  return found;
}

/** The number of the question that a sub-part such as 3a belongs to; another number is its own. */
export const wholeOf = (number: string): string => number.replace(/(?<=\d)[a-z]$/, "");

/** The number after another. */
export function following(number: string, roman = false): string {
  const [, before = "", last = "", after = ""] = LAST.exec(number) ?? [];
  if (!last) return `${number} 2`;
  if (/\d/.test(last)) return `${before}${BigInt(last) + 1n}${after}`;
  const next = roman ? ROMAN[ROMAN.indexOf(last) + 1] : undefined;
  if (next && ROMAN.includes(last)) return before + next + after;
  if (last.length > 1 || "zZ".includes(last)) return `${number} 2`;
  return `${before}${String.fromCharCode(last.charCodeAt(0) + 1)}${after}`;
}

const counting = (number: string): string => LAST.exec(number)?.[2] ?? "";
