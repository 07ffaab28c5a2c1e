// The worksheet on the light table: what it holds, what is in hand, and everything that can be done to it.

import type { Box, Document, Edit, Field, Key, Page, Schemas } from "../../api/teacher";
import { Failure } from "../../api/failure";
import { moved, rounded, sameBox, type Point } from "../../canvas/box";
import { History } from "../../canvas/history";
import { kindOf, KINDS } from "../../kinds/teacher";
import type { EditQueue } from "../../saving/edit_queue";
import type { SaveState } from "../../saving/state";
import { announce } from "../../ui/Announcer.svelte";
import { applied, inverse } from "../../worksheet/edits";

type Worksheet = Schemas["WorksheetOut"];
type Kind = Field["kind"];

/** A worksheet as the editor is given it. */
export type Opened = Worksheet & { largest_upload: number; stand_in_camera: string | null };

/** Edits of ours that came too late, and the worksheet as another tab left it. */
interface Overtaken {
  worksheet: Worksheet;
  edits: Edit[];
}

export class Editing {
  readonly id: string;
  /** Bytes that a file may have. */
  readonly largestUpload: number;
  /** Where the demo's camera is. */
  readonly standInCamera: string | null;
  document: Document = $state.raw() as Document;
  selected: string[] = $state.raw([]);
  /** The kind that is laid when the page is pressed or drawn on; none: presses select. */
  tool: Kind | null = $state("answer_box");
  saving: SaveState = $state.raw({ is: "saved" });
  stale: Overtaken | null = $state.raw(null);
  /** How many batches were saved. */
  saves = $state(0);
  /** Fields that need a look, since the paper under them was replaced. */
  toLookAt: string[] = $state.raw([]);
  canUndo = $state(false);
  canRedo = $state(false);
  queue!: EditQueue;
  private readonly history = new History<Edit>();

  constructor(worksheet: Opened) {
    this.id = worksheet.id;
    this.largestUpload = worksheet.largest_upload;
    this.standInCamera = worksheet.stand_in_camera;
    this.document = worksheet.document;
  }

  get fields(): Field[] {
    return this.document.fields;
  }

  /** The fields in hand, in reading order. */
  get inHand(): Field[] {
    return this.fields.filter((field) => this.selected.includes(field.id));
  }

  get keyed(): number {
    return this.fields.filter((field) => this.document.keys[field.id]).length;
  }

  page(id: string): Page {
    return this.document.pages.find((page) => page.id === id) as Page;
  }

  fieldsOn(page: Page): Field[] {
    return this.fields.filter((field) => field.page === page.id);
  }

  /** The number of a field: its place in the order of reading, as the server found it. */
  number(field: Field): number {
    return this.fields.indexOf(field) + 1;
  }

  name(field: Field): string {
    return `${kindOf(field).label} ${this.number(field)}`;
  }

  select(ids: string[]): void {
    this.selected = ids;
  }

  place(kind: Kind, page: Page, box: Box): void {
    const inside = moved({ ...box, width: Math.min(box.width, page.width) }, { x: 0, y: 0 }, page);
    const field: Field = KINDS[kind].draw(newId(), page.id, rounded(inside));
    this.do(`${KINDS[kind].label} laid`, [{ op: "place", field }]);
    this.select([field.id]);
  }

  change(label: string, fields: Field[], joins?: string): void {
    const edits: Edit[] = fields.map((field) => ({ op: "change", field }));
    if (edits.length > 0) this.do(label, edits, joins);
  }

  /** Put fields where a gesture or a key has brought them. */
  setBoxes(label: string, boxes: Map<string, Box>, joins?: string): void {
    const fields = this.fields.flatMap((field) => {
      const box = boxes.get(field.id);
      return box && !sameBox(box, field.box) ? [{ ...field, box: rounded(box) }] : [];
    });
    this.change(label, fields, joins);
  }

  /** Move what is in hand together; it stops where the first of it meets the edge of its page. */
  nudge(by: Point): void {
    const step = this.inHand.reduce((step, field) => {
      const to = moved(field.box, step, this.page(field.page));
      return { x: to.x - field.box.x, y: to.y - field.box.y };
    }, by);
    const boxes = new Map(
      this.inHand.map((field) => [field.id, moved(field.box, step, this.page(field.page))]),
    );
    this.setBoxes("Moved", boxes, `nudge ${this.selected.join()}`);
  }

  remove(): void {
    const gone = this.inHand;
    if (gone.length === 0) return;
    const label =
      gone.length === 1 && gone[0] ? `${this.name(gone[0])} removed` : `${gone.length} fields removed`;
    this.select([]);
    this.do(
      label,
      gone.map((field) => ({ op: "remove", field_id: field.id })),
    );
  }

  /** Lay copies of what is in hand below it, without their keys. */
  repeat(): void {
    const copies = this.inHand.map((field) => {
      const below = moved(field.box, { x: 0, y: field.box.height + 8 }, this.page(field.page));
      return { ...field, id: newId(), box: rounded(below) };
    });
    if (copies.length === 0) return;
    this.do(
      "Laid again",
      copies.map((field) => ({ op: "place", field })),
    );
    this.select(copies.map((field) => field.id));
  }

  setKey(field: Field, key: Key | null): void {
    const edit: Edit = { op: "set_key", field_id: field.id, key };
    this.do(`Key of ${this.name(field)}`, [edit], `key ${field.id}`, true);
  }

  rename(title: string): void {
    if (title.trim() && title.trim() !== this.document.title) {
      this.do("Renamed", [{ op: "rename", title: title.trim() }]);
    }
  }

  /** Have the server know all edits, before it changes the worksheet itself. Throws Failure. */
  async allSaved(): Promise<void> {
    await this.queue.send();
    if (this.queue.unsaved) {
      throw new Failure("edits.unsaved", "Your last changes are not saved yet. Try again in a moment.", 0);
    }
  }

  /** The server has put the pages of a newer version behind those set aside. */
  replaced(worksheet: Worksheet): void {
    this.document = worksheet.document;
    this.queue.restart(worksheet.revision, []);
    this.saves += 1;
  }

  /** The server has put pages behind ours; taking it back sets them aside. */
  pagesAdded(worksheet: Worksheet): void {
    const there = new Set(this.document.pages.map((page) => page.id));
    const added = worksheet.document.pages.filter((page) => !there.has(page.id));
    const label = added.length === 1 ? "Page added" : `${added.length} pages added`;
    this.history.add({
      label,
      done: added.map((page, i) => ({ op: "bring_page_back", page_id: page.id, to: there.size + i })),
      undone: added.map((page) => ({ op: "set_page_aside", page_id: page.id })).reverse() as Edit[],
    });
    this.document = worksheet.document;
    this.queue.restart(worksheet.revision, []);
    this.noteHistory();
    this.saves += 1;
    announce(label);
  }

  pageName(page: Page): string {
    return `Page ${this.document.pages.indexOf(page) + 1}`;
  }

  undo(): void {
    const step = this.history.undo();
    if (step) this.replay(step.undone, `Undone: ${step.label}`);
  }

  redo(): void {
    const step = this.history.redo();
    if (step) this.replay(step.done, `Done again: ${step.label}`);
  }

  /** The server has the edits; it says in which order the fields are read. */
  saved(order: string[]): void {
    this.saves += 1;
    const place = new Map(order.map((id, i) => [id, i]));
    const at = (field: Field) => place.get(field.id) ?? Infinity;
    this.document = { ...this.document, fields: [...this.fields].sort((a, b) => at(a) - at(b) || 0) };
  }

  overtaken(worksheet: Worksheet, edits: Edit[]): void {
    this.stale = { worksheet, edits };
  }

  /** Show a worksheet as the server has it, with nothing to undo. */
  load(worksheet: Worksheet): void {
    this.document = worksheet.document;
    this.selected = [];
    this.history.forget();
    this.noteHistory();
  }

  /** Another tab was faster: take its worksheet, and put our edits on it or let them go. */
  settle(keepOurs: boolean): void {
    if (!this.stale) return;
    const { worksheet, edits } = this.stale;
    this.stale = null;
    this.load(worksheet);
    const fitting = keepOurs ? this.fittingTo(worksheet.document, edits) : [];
    this.document = applied(this.document, fitting);
    this.queue.restart(worksheet.revision, fitting);
  }

  private fittingTo(document: Document, edits: Edit[]): Edit[] {
    const there = new Set(document.fields.map((field) => field.id));
    return edits.filter((edit) => {
      if (!("field" in edit || "field_id" in edit)) return true;
      if (edit.op === "place") return !there.has(edit.field.id) && there.add(edit.field.id);
      return there.has(edit.op === "change" ? edit.field.id : edit.field_id);
    });
  }

  /** Do something that can be taken back; steps of the same `joins` that follow each other are one. */
  do(label: string, edits: Edit[], joins?: string, typing = false): void {
    this.history.add({
      label,
      done: edits,
      undone: inverse(this.document, edits),
      ...(joins ? { joins } : {}),
    });
    this.apply(edits, typing);
    if (!typing) announce(label);
  }

  private replay(edits: Edit[], label: string): void {
    this.apply(edits, false);
    const there = new Set(this.fields.map((field) => field.id));
    const touched = edits.flatMap((edit) =>
      edit.op === "place" || edit.op === "change" ? [edit.field.id] : [],
    );
    this.select((touched.length > 0 ? touched : this.selected).filter((id) => there.has(id)));
    announce(label);
  }

  private apply(edits: Edit[], typing: boolean): void {
    this.document = applied(this.document, edits);
    this.noteHistory();
    this.queue.push(edits, typing);
  }

  private noteHistory(): void {
    this.canUndo = this.history.canUndo;
    this.canRedo = this.history.canRedo;
  }
}

export function newId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(5)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
}
