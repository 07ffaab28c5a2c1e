// A teacher at work on a worksheet: the document's store and what is in hand, brought together.

import type { Box, Document, Edit, Field, Fixture, Page } from "../../../api/teacher";
import type { Command } from "../../../worksheet/command";
import { layFixture } from "../../../worksheet/commands/fixtures";
import { copied, paste } from "../../../worksheet/commands/paste";
import { announce } from "../../../ui/Announcer.svelte";
import { plural } from "../../../words/say";
import { inside, layField, removeAll } from "../../../worksheet/commands/fields";
import { placesOf } from "../../../kinds/form";
import { questionsOf, type Question } from "../../../worksheet/numbering";
import { newId } from "../../../worksheet/ids";
import type { Ink } from "../../../canvas/ink";
import { lettersOnScreen, tabPlaces, type TabPlace } from "../../../canvas/tab_place";
import { kindOf } from "../../../kinds/teacher";
import { fieldOf, fixtureOf, lying, nameOf, type Placed } from "../../../worksheet/lying";
import { FIXTURE_TOOLS, isFixtureTool, pictureIn, type Corner, type FixtureTool } from "../fixtures/tools";
import { FilmClipboard, inBrowser, type Kept } from "./clipboard";
import { DocumentStore, type Worksheet } from "./document_store.svelte";
import { Hand } from "./hand.svelte";
import { Printed } from "./printed";

/** A worksheet as the editor is given it. */
export type Opened = Worksheet & {
  /** The version of the documents that this release writes. */
  version: number;
  largest_upload: number;
  stand_in_camera: string | null;
  /** Whether there is a microphone for devices that have none, as in the demo. */
  stand_in_microphone: boolean;
  /** Sites that help may lead to, with all their parts. */
  link_sites: readonly string[];
};

export class Editing {
  readonly store: DocumentStore;
  readonly hand = new Hand();
  readonly printed: Printed;
  private readonly clipboard: FilmClipboard;
  /** What may be pasted. */
  pasteable: Kept | undefined = $state.raw();
  /** Bytes that a file may have. */
  readonly largestUpload: number;
  /** Where the demo's camera is. */
  readonly standInCamera: string | null;
  /** Whether the demo's microphone is there. */
  readonly standInMicrophone: boolean;
  /** Sites that help may lead to, with all their parts. */
  readonly linkSites: readonly string[];
  /** What of a file that was brought in could not be read. */
  leftOut: string[] = $state.raw([]);
  /** Fields that need a look, since the paper under them was replaced. */
  toLookAt: string[] = $state.raw([]);

  /** The questions of each field, by its id: asked for every field that is shown, at every edit. */
  private readonly questions = $derived.by(() => {
    const found: Record<string, Question[]> = {};
    for (const question of questionsOf(this.document.fields))
      (found[question.field.id] ??= []).push(question);
    return found;
  });

  constructor(worksheet: Opened) {
    this.largestUpload = worksheet.largest_upload;
    this.standInCamera = worksheet.stand_in_camera;
    this.standInMicrophone = worksheet.stand_in_microphone;
    this.linkSites = worksheet.link_sites;
    this.printed = new Printed(worksheet.id);
    this.clipboard = new FilmClipboard(inBrowser(), () => (this.pasteable = this.clipboard.copied));
    this.pasteable = this.clipboard.copied;
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

  /** The questions of a field that are asked at its places on a page. */
  questionsAt(field: Field, page: Page): { name: string; number: string; box: Box }[] {
    if (kindOf(field).numbersItself) return [];
    return (this.questions[field.id] ?? []).flatMap(({ name, part, number }) =>
      placesOf(field)
        .filter((place) => place.id === part.place && place.page === page.id)
        .map(({ box }) => ({ name, number, box })),
    );
  }

  /** The number of the question at one of a field's places; empty: there is none. */
  numberAt(field: Field, place: string): string {
    if (kindOf(field).numbersItself) return "";
    return this.questions[field.id]?.find(({ part }) => part.place === place)?.number ?? "";
  }

  /** The numbers of a field's parts, by their ids. */
  numbersIn(field: Field): Record<string, string> {
    return Object.fromEntries((this.questions[field.id] ?? []).map(({ part, number }) => [part.id, number]));
  }

  /** Where the numbers of the questions on a page stand, by the questions' names. */
  tabs(page: Page, scale: number, ink: Ink | undefined): Map<string, TabPlace> {
    const fields = this.store.fieldsOn(page).flatMap((field) =>
      this.questionsAt(field, page).map(({ name, number, box }) => ({
        id: name,
        box,
        number,
        clear: kindOf(field).clear,
      })),
    );
    const lying = this.store.fixturesOn(page).map(({ box }) => box);
    return tabPlaces(fields, { page, scale, letters: lettersOnScreen(), ink, lying });
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

  /** Copy what is in hand. The word by which it is known again; nothing where nothing is in hand. */
  copy(): string | undefined {
    const copy = copied(this.document, this.hand.selected);
    if (!copy) return undefined;
    const word = newId();
    this.clipboard.copy({ ...copy, word });
    announce(plural(copy.things.length, ["# copied", "# copied"]));
    return word;
  }

  /** Copy what is in hand, and take it away. */
  cut(): string | undefined {
    const word = this.copy();
    if (word) this.do(removeAll(this.document, this.hand.selected));
    return word;
  }

  /** Paste what was copied last onto the page that is looked at. */
  paste(): void {
    const page = this.document.pages.find(({ id }) => id === this.hand.page) ?? this.document.pages[0];
    if (page && this.pasteable) this.do(paste(this.document, this.pasteable, page));
  }

  undo(): void {
    this.takeUp(this.store.undo());
  }

  redo(): void {
    this.takeUp(this.store.redo());
  }

  /** Lay something in a box that was drawn, from a corner of it, or at a place that was pressed. */
  place(tool: Field["kind"] | FixtureTool, page: Page, box: Box, start: Corner = "top left"): void {
    if (!isFixtureTool(tool)) {
      this.hand.sizes[tool] = box;
      return this.do(layField(tool, page, box, this.document.fixtures));
    }
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
