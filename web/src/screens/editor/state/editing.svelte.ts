// A teacher at work on a worksheet: the document's store and what is in hand, brought together.

import type { Box, Document, Edit, Field, Fixture, Page } from "../../../api/teacher";
import type { Command } from "../../../worksheet/command";
import { layFixture } from "../../../worksheet/commands/fixtures";
import { inside, layField } from "../../../worksheet/commands/fields";
import { newId } from "../../../worksheet/ids";
import { fieldOf, fixtureOf, lying, nameOf, type Placed } from "../../../worksheet/lying";
import { FIXTURE_TOOLS, isFixtureTool, pictureIn, type Corner, type FixtureTool } from "../fixtures/tools";
import { DocumentStore, type Worksheet } from "./document_store.svelte";
import { Hand } from "./hand.svelte";

/** A worksheet as the editor is given it. */
export type Opened = Worksheet & {
  /** The version of the documents that this release writes. */
  version: number;
  largest_upload: number;
  stand_in_camera: string | null;
};

export class Editing {
  readonly store: DocumentStore;
  readonly hand = new Hand();
  /** Bytes that a file may have. */
  readonly largestUpload: number;
  /** Where the demo's camera is. */
  readonly standInCamera: string | null;
  /** What of a file that was brought in could not be read. */
  leftOut: string[] = $state.raw([]);
  /** Fields that need a look, since the paper under them was replaced. */
  toLookAt: string[] = $state.raw([]);

  constructor(worksheet: Opened) {
    this.largestUpload = worksheet.largest_upload;
    this.standInCamera = worksheet.stand_in_camera;
    this.store = new DocumentStore(worksheet.id, worksheet.document, () => this.hand.keepOnly(this.there));
  }

  get id(): string {
    return this.store.id;
  }

  get document(): Document {
    return this.store.document;
  }

  /** All that is in hand: fixtures, the lowest first, then fields in reading order. */
  get inHand(): Placed[] {
    return lying(this.document, this.hand.selected);
  }

  get fieldsInHand(): Field[] {
    return this.document.fields.filter(({ id }) => this.hand.selected.includes(id));
  }

  /** Whether something of this id lies on a page. */
  has(id: string): boolean {
    return Boolean(fieldOf(this.document, id) ?? fixtureOf(this.document, id));
  }

  name(placed: Placed): string {
    return nameOf(this.document, placed);
  }

  /** Do something, if there is something to do. */
  do(command: Command | undefined): void {
    if (!command) return;
    this.store.do(command);
    if (command.select) this.hand.select(command.select);
  }

  undo(): void {
    this.takeUp(this.store.undo());
  }

  redo(): void {
    this.takeUp(this.store.redo());
  }

  /** Lay something in a box that was drawn, from a corner of it, or at a place that was pressed. */
  place(tool: Field["kind"] | FixtureTool, page: Page, box: Box, start: Corner = "top left"): void {
    if (!isFixtureTool(tool)) return this.do(layField(tool, page, box));
    this.hand.tool = null;
    const place = inside(box, page);
    if (tool === "picture") {
      this.hand.choosing = (picture) => this.lay(pictureIn(newId(), page.id, place, picture));
    } else this.lay(FIXTURE_TOOLS[tool].draw(newId(), page.id, place, start));
  }

  /** Lay a fixture above all others; what holds words is written in at once. */
  private lay(fixture: Fixture): void {
    this.do(layFixture(fixture));
    if (fixture.kind === "text") this.hand.writing = fixture.id;
  }

  private get there(): Set<string> {
    return new Set([...this.document.fields, ...this.document.fixtures].map(({ id }) => id));
  }

  /** Take what edits have touched in hand, as far as it is there. */
  private takeUp(edits: Edit[] | undefined): void {
    if (!edits) return;
    const touched = edits.flatMap((edit) => {
      if (edit.op === "place" || edit.op === "change") return [edit.field.id];
      return edit.op === "lay_fixture" || edit.op === "change_fixture" ? [edit.fixture.id] : [];
    });
    this.hand.writing = null;
    this.hand.select((touched.length > 0 ? touched : this.hand.selected).filter((id) => this.has(id)));
  }
}
