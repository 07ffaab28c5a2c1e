// The worksheet on the light table: what it holds, what is in hand, and everything that can be done to it.

import { teacher, type Box, type Document, type Edit, type Field, type Fixture } from "../../api/teacher";
import type { Key, Page, Schemas } from "../../api/teacher";
import { Failure, take } from "../../api/failure";
import { moved, rounded, sameBox, type Point } from "../../canvas/box";
import { History } from "../../canvas/history";
import { kindOf, KINDS } from "../../kinds/teacher";
import type { Editor as RichText } from "@tiptap/core";
import type { EditQueue, Refused } from "../../saving/edit_queue";
import type { SaveState } from "../../saving/state";
import { announce } from "../../ui/Announcer.svelte";
import {
  FIXTURE_TOOLS,
  fixtureName,
  isFixtureTool,
  pictureIn,
  type Corner,
  type FixtureTool,
} from "./fixtures/tools";
import { applied, inverse, joined, withoutFields } from "../../worksheet/edits";
import { newId } from "../../worksheet/ids";
import { following, numbersOf, wholeOf } from "../../worksheet/numbering";

type Worksheet = Schemas["WorksheetOut"];
type Kind = Field["kind"];
type Group = Document["groups"][number];

const ALPHABET = "abcdefghijklmnopqrstuvwxyz";

/** What lies on a page: on the film, or on the paper below it. */
export type Placed = Field | Fixture;

/** A worksheet as the editor is given it. */
export type Opened = Worksheet & {
  /** The version of the documents that this release writes. */
  version: number;
  largest_upload: number;
  stand_in_camera: string | null;
};

/** Edits of ours that came too late, and the worksheet as another tab left it. */
interface Overtaken {
  worksheet: Worksheet;
  sent: Edit[];
}

const NOT_DECIDED: SaveState = {
  is: "stopped",
  code: "worksheet.stale",
  message: "Not saved: this worksheet was changed in another tab.",
};

export class Editing {
  readonly id: string;
  /** Bytes that a file may have. */
  readonly largestUpload: number;
  /** Where the demo's camera is. */
  readonly standInCamera: string | null;
  document: Document = $state.raw() as Document;
  selected: string[] = $state.raw([]);
  /** What is laid when the page is pressed or drawn on; none: presses select. */
  tool: Kind | FixtureTool | null = $state("answer_box");
  /** The fixture that is written in. */
  writing: string | null = $state(null);
  /** The rich text editor that is at work in it. */
  writer: { editor: RichText } | null = $state.raw(null);
  /** What is done with the picture that the teacher is choosing. */
  choosing: ((picture: Schemas["PictureOut"]) => void) | null = $state.raw(null);
  saving: SaveState = $state.raw({ is: "saved" });
  stale: Overtaken | null = $state.raw(null);
  /** Whether the teacher wants to decide later what becomes of edits that came too late. */
  deciding = $state(true);
  /** Edits that the server does not take. */
  refused: Refused[] = $state.raw([]);
  /** What of a file that was brought in could not be read. */
  leftOut: string[] = $state.raw([]);
  /** How many batches were saved. */
  saves = $state(0);
  /** Fields that need a look, since the paper under them was replaced. */
  toLookAt: string[] = $state.raw([]);
  canUndo = $state(false);
  canRedo = $state(false);
  queue!: EditQueue;
  /** Files of this tab that are on their way: they change the worksheet on the server. */
  private bringing = 0;
  private ownRevisions = new Set<number>();
  private readonly history = new History<Edit>();
  private readonly numbers = $derived(numbersOf(this.fields));

  constructor(worksheet: Opened) {
    this.id = worksheet.id;
    this.largestUpload = worksheet.largest_upload;
    this.standInCamera = worksheet.stand_in_camera;
    this.document = worksheet.document;
  }

  get fields(): Field[] {
    return this.document.fields;
  }

  get fixtures(): Fixture[] {
    return this.document.fixtures;
  }

  /** The fields in hand, in reading order. */
  get inHand(): Field[] {
    return this.fields.filter((field) => this.selected.includes(field.id));
  }

  /** The fixtures in hand, the lowest first. */
  get laidInHand(): Fixture[] {
    return this.fixtures.filter((fixture) => this.selected.includes(fixture.id));
  }

  get allInHand(): Placed[] {
    return [...this.laidInHand, ...this.inHand];
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

  fixturesOn(page: Page): Fixture[] {
    return this.fixtures.filter((fixture) => fixture.page === page.id);
  }

  /** The number of a question, which the teacher set, or which follows from those read before it. */
  number(field: Field): string {
    return this.numbers[field.id] ?? "";
  }

  /** The group that a field is marked with. */
  groupOf(field: Field): Group | undefined {
    return this.document.groups.find((group) => group.fields.includes(field.id));
  }

  /** What a field is worth, as far as points of a group are not spread over it. */
  worth(field: Field): number {
    const group = this.groupOf(field);
    return group?.points == null ? field.points : group.points / group.fields.length;
  }

  /** Mark fields together; they leave the groups they were in. */
  group(fields: Field[]): void {
    const ids = fields.map(({ id }) => id);
    const plain = { any_order: false, all_or_nothing: false, points: null };
    const others = withoutFields(this.document.groups, ids);
    this.setGroups("Marked together", [...others, { ...plain, id: newId(), fields: ids }]);
  }

  changeGroup(group: Group): void {
    const groups = this.document.groups.map((other) => (other.id === group.id ? group : other));
    this.setGroups("Group changed", groups);
  }

  ungroup(group: Group): void {
    this.setGroups("Marked one by one", withoutFields(this.document.groups, group.fields));
  }

  private setGroups(label: string, groups: Group[]): void {
    this.do(label, [{ op: "set_groups", groups }]);
  }

  /** Number fields as the parts of one question; the next after them goes on with the next number. */
  makeParts(fields: Field[]): void {
    const parts = this.fields.filter((field) => fields.includes(field));
    const [first, last] = [parts[0], parts.at(-1)];
    if (!first || !last) return;
    const whole = wholeOf(this.number(first));
    const after = this.fields[this.fields.indexOf(last) + 1];
    const changed: Field[] = parts.map((field, i) => ({ ...field, number: whole + ALPHABET[i % 26] }));
    if (after && !after.number) changed.push({ ...after, number: following(whole) });
    this.change("Numbered as parts", changed);
  }

  name(placed: Placed): string {
    return isField(placed) ? `${kindOf(placed).label} ${this.number(placed)}` : fixtureName(placed);
  }

  select(ids: string[]): void {
    this.selected = ids;
    if (this.writing && !ids.includes(this.writing)) this.writing = null;
  }

  /** Lay something in a box that was drawn, from a corner of it, or at a place that was pressed. */
  place(kind: Kind | FixtureTool, page: Page, box: Box, start: Corner = "top left"): void {
    const inside = rounded(moved({ ...box, width: Math.min(box.width, page.width) }, { x: 0, y: 0 }, page));
    if (isFixtureTool(kind)) {
      this.tool = null;
      if (kind === "picture")
        this.choosing = (picture) => this.lay(pictureIn(newId(), page.id, inside, picture));
      else this.lay(FIXTURE_TOOLS[kind].draw(newId(), page.id, inside, start));
      return;
    }
    const field: Field = KINDS[kind].draw(newId(), page.id, inside);
    this.do(`${KINDS[kind].label} laid`, [{ op: "place", field }]);
    this.select([field.id]);
  }

  /** Lay a fixture above all others. */
  lay(fixture: Fixture): void {
    this.do(`${this.name(fixture)} laid`, [{ op: "lay_fixture", fixture, layer: null }]);
    this.select([fixture.id]);
    if (fixture.kind === "text") this.writing = fixture.id;
  }

  /** Bring the fixture in hand above the next one on its page, or above all; or below. */
  layer(fixture: Fixture, to: "top" | "up" | "down" | "bottom"): void {
    const around = this.fixtures.filter((other) => other.page === fixture.page);
    const at = around.indexOf(fixture);
    const next = { top: around.length - 1, up: at + 1, down: at - 1, bottom: 0 }[to];
    const other = around[Math.max(0, Math.min(around.length - 1, next))];
    if (!other || other === fixture) return;
    this.do(`${this.name(fixture)} moved ${to === "top" || to === "up" ? "above" : "below"}`, [
      { op: "layer_fixture", fixture_id: fixture.id, layer: this.fixtures.indexOf(other) },
    ]);
  }

  change(label: string, fields: Field[], joins?: string): void {
    const edits: Edit[] = fields.map((field) => ({ op: "change", field }));
    if (edits.length > 0) this.do(label, edits, joins);
  }

  /** Put what lies on pages where a gesture or a key has brought it. */
  setBoxes(label: string, boxes: Map<string, Box>, joins?: string): void {
    const moved = <P extends Placed>(placed: P): P[] => {
      const box = boxes.get(placed.id);
      return box && !sameBox(box, placed.box) ? [{ ...placed, box: rounded(box) }] : [];
    };
    const edits: Edit[] = [
      ...this.fixtures.flatMap(moved).map((fixture): Edit => ({ op: "change_fixture", fixture })),
      ...this.fields.flatMap(moved).map((field): Edit => ({ op: "change", field })),
    ];
    if (edits.length > 0) this.do(label, edits, joins);
  }

  /** Move what is in hand together; it stops where the first of it meets the edge of its page. */
  nudge(by: Point): void {
    const step = this.allInHand.reduce((step, field) => {
      const to = moved(field.box, step, this.page(field.page));
      return { x: to.x - field.box.x, y: to.y - field.box.y };
    }, by);
    const boxes = new Map(
      this.allInHand.map((field) => [field.id, moved(field.box, step, this.page(field.page))]),
    );
    this.setBoxes("Moved", boxes, `nudge ${this.selected.join()}`);
  }

  remove(): void {
    const gone = this.allInHand;
    if (gone.length === 0) return;
    const label = gone.length === 1 && gone[0] ? `${this.name(gone[0])} removed` : `${gone.length} removed`;
    this.select([]);
    this.do(
      label,
      gone.map((placed) =>
        isField(placed)
          ? { op: "remove", field_id: placed.id }
          : { op: "remove_fixture", fixture_id: placed.id },
      ),
    );
  }

  /** Lay copies of what is in hand below it, without their keys. */
  repeat(): void {
    const copies = this.allInHand.map((placed) => {
      const below = moved(placed.box, { x: 0, y: placed.box.height + 8 }, this.page(placed.page));
      return { ...placed, id: newId(), box: rounded(below), ...(isField(placed) ? { number: "" } : {}) };
    });
    if (copies.length === 0) return;
    this.do(
      "Laid again",
      copies.map((placed) =>
        isField(placed)
          ? { op: "place", field: placed }
          : { op: "lay_fixture", fixture: placed, layer: null },
      ),
    );
    this.select(copies.map((placed) => placed.id));
  }

  setKey(field: Field, key: Key | null): void {
    const edit: Edit = { op: "set_key", field_id: field.id, key };
    this.do(`Key of ${this.name(field)}`, [edit], `key ${field.id}`, true);
  }

  /** Set the key of a field by its id, wherever the selection has gone since. */
  setKeyOf(id: string, key: Key | null): void {
    const field = this.fields.find((field) => field.id === id);
    if (field) this.setKey(field, key);
  }

  setDecimal(decimal: Document["decimal"]): void {
    this.do("Decimal sign set", [{ op: "set_decimal", decimal }]);
  }

  rename(title: string): void {
    if (title.trim() && title.trim() !== this.document.title) {
      this.do("Renamed", [{ op: "rename", title: title.trim() }], "title", true);
    }
  }

  /** Have the server know all edits, before it changes the worksheet itself. Throws Failure. */
  async allSaved(): Promise<void> {
    await this.queue.settled();
    if (this.queue.unsaved) {
      throw new Failure("edits.unsaved", "Your last changes are not saved yet. Try again in a moment.", 0);
    }
  }

  /** Files are brought in behind this worksheet's pages: what the server changes meanwhile is no other tab's doing. */
  bringIn(under: boolean): void {
    this.bringing += under ? 1 : -1;
  }

  /** Show the worksheet as the server has it now, with what it does not have yet on top. Throws Failure. */
  async refresh(): Promise<void> {
    await this.queue.settled();
    if (this.stale || this.queue.unsaved) return;
    const params = { path: { worksheet_id: this.id } };
    const worksheet = await take(teacher.GET("/api/worksheets/{worksheet_id}", { params }));
    if (this.queue.unsaved) return this.refresh(); // something was done while it came
    this.queue.rebase(worksheet.revision);
    this.document = worksheet.document;
    this.showPending();
    this.keepOnly();
    this.saves += 1;
  }

  /** Put what the server does not have yet on top of what is shown. */
  showPending(): void {
    this.document = applied(this.document, this.queue.pending);
  }

  /** The server has put the pages of a newer version behind those set aside. */
  async replaced(worksheet: Worksheet): Promise<void> {
    this.ownRevisions.add(worksheet.revision);
    await this.refresh();
  }

  /** The server has put pages behind ours; taking it back sets them aside. */
  async pagesAdded(worksheet: Worksheet): Promise<void> {
    this.ownRevisions.add(worksheet.revision);
    const there = new Set(this.document.pages.map((page) => page.id));
    const added = worksheet.document.pages.filter((page) => !there.has(page.id));
    const label = added.length === 1 ? "Page added" : `${added.length} pages added`;
    this.history.add({
      label,
      done: added.map((page, i) => ({ op: "bring_page_back", page_id: page.id, to: there.size + i })),
      undone: added.map((page) => ({ op: "set_page_aside", page_id: page.id })).reverse() as Edit[],
    });
    await this.refresh();
    this.noteHistory();
    announce(label);
  }

  /** Leave out an edit that was refused: what the server has stands again. */
  async leaveOut(subject: string): Promise<void> {
    this.queue.leaveOut(subject);
    await this.refresh();
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

  /** Edits of ours came too late. Where this tab itself has brought pages in meanwhile, nobody has to decide. */
  overtaken(worksheet: Worksheet, sent: Edit[]): void {
    this.stale = { worksheet, sent };
    this.deciding = true;
    if (this.bringing > 0 || this.ownRevisions.has(worksheet.revision)) this.settle(true);
    else this.saving = NOT_DECIDED;
  }

  /** Another tab was faster: take its worksheet, and put our edits on it or let them go. */
  settle(keepOurs: boolean): void {
    if (!this.stale) return;
    const { worksheet, sent } = this.stale;
    const ours = keepOurs ? joined([...sent, ...this.queue.unsent]) : [];
    this.stale = null;
    this.history.forget();
    this.noteHistory();
    this.document = worksheet.document;
    this.queue.restart(worksheet.revision, ours);
    this.showPending();
    this.keepOnly();
  }

  /** How many edits of ours came too late. */
  get overtakenCount(): number {
    return (this.stale?.sent.length ?? 0) + this.queue.unsent.length;
  }

  /** What is no longer there is no longer in hand. */
  private keepOnly(): void {
    const there = new Set([...this.fields, ...this.fixtures].map(({ id }) => id));
    if (this.selected.some((id) => !there.has(id))) this.select(this.selected.filter((id) => there.has(id)));
  }

  /** Change one field by its id, wherever the selection has gone since; `typing` is sent when it pauses. */
  changeField(id: string, label: string, change: (field: Field) => Field, typing = false): void {
    const field = this.fields.find((field) => field.id === id);
    if (field) this.do(label, [{ op: "change", field: change(field) }], `${label} ${id}`, typing);
  }

  /** Change one fixture by its id, wherever the selection has gone since. */
  changeFixture(id: string, label: string, change: (fixture: Fixture) => Fixture, typing = false): void {
    const fixture = this.fixtures.find((fixture) => fixture.id === id);
    if (fixture) {
      const edit: Edit = { op: "change_fixture", fixture: change(fixture) };
      this.do(label, [edit], typing ? `${label} ${id}` : undefined, typing);
    }
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
    const there = new Set([...this.fields, ...this.fixtures].map(({ id }) => id));
    const touched = edits.flatMap((edit) => {
      if (edit.op === "place" || edit.op === "change") return [edit.field.id];
      return edit.op === "lay_fixture" || edit.op === "change_fixture" ? [edit.fixture.id] : [];
    });
    this.writing = null;
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

export function isField(placed: Placed): placed is Field {
  return placed.kind in KINDS;
}
