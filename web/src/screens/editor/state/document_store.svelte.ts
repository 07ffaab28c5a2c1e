// The worksheet on the light table: what it holds, what was done to it, and how far the server has it.

import { Failure, take } from "../../../api/failure";
import {
  teacher,
  type Document,
  type Edit,
  type Field,
  type Key,
  type Fixture,
  type Page,
  type Schemas,
} from "../../../api/teacher";
import { History, type Step } from "../../../canvas/history";
import { liesOn } from "../../../kinds/form";
import type { EditQueue, Refused } from "../../../saving/edit_queue";
import type { SaveState } from "../../../saving/state";
import { announce } from "../../../ui/Announcer.svelte";
import type { Command } from "../../../worksheet/command";
import { applied, inverse, joined } from "../../../worksheet/edits";
import { numbersOf } from "../../../worksheet/numbering";
import { plural } from "../../../words/say";

export type Worksheet = Schemas["WorksheetOut"];

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

export class DocumentStore {
  document: Document = $state.raw() as Document;
  saving: SaveState = $state.raw({ is: "saved" });
  stale: Overtaken | null = $state.raw(null);
  /** Whether the teacher wants to decide now what becomes of edits that came too late. */
  deciding = $state(true);
  /** Edits that the server does not take. */
  refused: Refused[] = $state.raw([]);
  /** How many batches were saved. */
  saves = $state(0);
  canUndo = $state(false);
  canRedo = $state(false);
  queue!: EditQueue;
  private readonly numbers = $derived(numbersOf(this.document.fields));
  private readonly history = new History<Edit>();
  /** Files of this tab that are on their way: they change the worksheet on the server. */
  private bringing = 0;
  private readonly ownRevisions = new Set<number>();

  constructor(
    readonly id: string,
    document: Document,
    /** Called when what is there may have changed otherwise than by what was done here. */
    private readonly onChanged: () => void,
  ) {
    this.document = document;
  }

  get fields(): Field[] {
    return this.document.fields;
  }

  get fixtures(): Fixture[] {
    return this.document.fixtures;
  }

  fieldsOn(page: Page): Field[] {
    return this.fields.filter((field) => liesOn(field, page.id));
  }

  fixturesOn(page: Page): Fixture[] {
    return this.fixtures.filter((fixture) => fixture.page === page.id);
  }

  /** The number of a question, which the teacher set, or which follows from those read before it. */
  number(field: Field): string {
    return this.numbers[field.id] ?? "";
  }

  /** The fields that are read before one and have a key. */
  earlier(field: Field): { id: string; number: string; key: Key }[] {
    const before = this.fields.slice(
      0,
      this.fields.findIndex(({ id }) => id === field.id),
    );
    return before.flatMap(({ id }) => {
      const key = this.document.keys[id];
      return key ? [{ id, number: this.numbers[id] ?? "", key }] : [];
    });
  }

  pageName(page: Page): string {
    return `Page ${this.document.pages.indexOf(page) + 1}`;
  }

  /** Do something that can be taken back. */
  do({ label, edits, joins, typing = false }: Command): void {
    const step: Step<Edit> = { label, done: edits, undone: inverse(this.document, edits) };
    if (joins) step.joins = joins;
    if (typing) step.word = wordsIn(edits);
    this.history.add(step, Date.now());
    this.apply(edits, typing);
    if (!typing) announce(label);
  }

  /** Take the last step back. The edits that did it. */
  undo(): Edit[] | undefined {
    const step = this.history.undo();
    return step && this.replay(step.undone, `Undone: ${step.label}`);
  }

  redo(): Edit[] | undefined {
    const step = this.history.redo();
    return step && this.replay(step.done, `Done again: ${step.label}`);
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
    this.saves += 1;
  }

  /** Put what the server does not have yet on top of what is shown. */
  showPending(): void {
    this.document = applied(this.document, this.queue.pending);
    this.onChanged();
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
    const label = plural(added.length, ["Page added", "# pages added"]);
    const done = added.map((page, i): Edit => ({
      op: "bring_page_back",
      page_id: page.id,
      to: there.size + i,
    }));
    const undone = added.map((page): Edit => ({ op: "set_page_aside", page_id: page.id })).reverse();
    this.history.add({ label, done, undone }, Date.now());
    await this.refresh();
    this.noteHistory();
    announce(label);
  }

  /** Leave out an edit that was refused: what the server has stands again. */
  async leaveOut(subject: string): Promise<void> {
    this.queue.leaveOut(subject);
    await this.refresh();
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
  }

  /** How many edits of ours came too late. */
  get overtakenCount(): number {
    return (this.stale?.sent.length ?? 0) + this.queue.unsent.length;
  }

  private replay(edits: Edit[], label: string): Edit[] {
    this.apply(edits, false);
    announce(label);
    return edits;
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

/** How many words have been ended in what edits hold: a space begins the next. */
const wordsIn = (edits: Edit[]): number => JSON.stringify(edits).split(/\s/).length;
