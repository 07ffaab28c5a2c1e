// Boxes that become the slots of a word bank, and their right answers its pieces.

import type { Box, Document, Edit, Field } from "../../api/teacher";
import { plural } from "../../words/say";
import { plain } from "../../kinds/plain";
import { pieceOf } from "../../kinds/pieces/lines";
import { slotIn } from "../../kinds/pieces/slots";
import type { FieldOf, KeyOf } from "../../kinds/teacher";
import type { Command } from "../command";
import { newId } from "../ids";
import { inside } from "./fields";

/** What a bank holds before any right answer is set. */
const FIRST = ["first", "second", "third"];
/** Points of the tray's outline, which lies below the last box while the tray is beside the pages. */
const TRAY = { width: 240, height: 40 };

/** Words that are printed in a bank, and where. */
export interface Printed {
  words: readonly string[];
  box: Box;
}

/**
 * Have answer boxes be slots of one bank. In it wait the words that are `printed`, over their print; else the right answers,
 * in the order of the alphabet.
 */
export function asWordBank(
  document: Document,
  boxes: readonly FieldOf<"answer_box">[],
  printed?: Printed,
): Command | undefined {
  const [first] = boxes;
  const page = document.pages.find(({ id }) => id === first?.page);
  if (!first || !page || boxes.length < 2) return undefined;
  const words = boxes.map(({ id }) => {
    const key = document.keys[id];
    return key?.kind === "answer_box" ? key.text.trim() : "";
  });
  const left = (printed?.words ?? []).map((text) => pieceOf(text));
  const waiting = [...left];
  const pieces = words.map((text) => {
    if (!text) return undefined;
    const at = left.findIndex((piece) => piece.words.toLowerCase() === text.toLowerCase());
    const piece = at < 0 ? pieceOf(text) : left.splice(at, 1)[0];
    if (at < 0 && piece) waiting.push(piece);
    return piece;
  });
  const bank: FieldOf<"pieces"> = {
    kind: "pieces",
    ...plain(
      newId(),
      page.id,
      printed
        ? inside(printed.box, page)
        : { x: Math.min(first.box.x, page.width - TRAY.width), y: page.height - TRAY.height - 12, ...TRAY },
    ),
    style: first.style ?? null,
    pieces:
      waiting.length === 0
        ? FIRST.map((text) => pieceOf(text))
        : printed
          ? waiting
          : // Their order says nothing of where they belong.
            waiting.toSorted((a, b) => a.words.localeCompare(b.words)),
    slots: boxes.map(({ id, page, box, name }) => ({ ...slotIn(page, box), id, name })),
    settled: Object.fromEntries(boxes.map(({ id, points, number, hint }) => [id, { points, number, hint }])),
    tray: printed ? "page" : "beside",
    shuffled: true,
    together: false,
    counted: "each",
    part_marks: true,
    wrong_counts: false,
    order_counts: false,
  };
  const arrangement = boxes.flatMap(({ id }, i) => {
    const piece = pieces[i];
    const belongs = { slot: id, asks: "these" as const, count: 0, like: null, region: null };
    return piece ? [{ ...belongs, pieces: [piece.id] }] : [];
  });
  const key: KeyOf<"pieces"> = { kind: "pieces", arrangements: [arrangement] };
  const edits: Edit[] = [
    ...boxes
      .filter(({ id }) => document.fields.some((field) => field.id === id))
      .map(({ id }): Edit => ({ op: "remove", field_id: id })),
    { op: "place", field: bank },
    ...(arrangement.length > 0 ? [{ op: "set_key", field_id: bank.id, key } satisfies Edit] : []),
  ];
  return {
    label: plural(boxes.length, ["A bank for # slot", "A bank for # slots"]),
    edits,
    select: [bank.id],
  };
}

/** The fields, if all of them are answer boxes that are not locked. */
export const boxesOf = (fields: readonly Field[]): FieldOf<"answer_box">[] | undefined =>
  fields.every((field) => field.kind === "answer_box" && !field.locked)
    ? (fields as FieldOf<"answer_box">[])
    : undefined;
