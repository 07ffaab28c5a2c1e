// The fields that are proposed for the places found on pages, as far as nothing lies there.

import { teacher, type Box, type Field, type Page, type Schemas } from "../../../api/teacher";
import { overlaps, shareOver } from "../../../canvas/box";
import { announce } from "../../../ui/Announcer.svelte";
import { plural } from "../../../words/say";
import { refuseFound, takeFound } from "../../../worksheet/commands/fields";
import { asWordBank, boxesOf } from "../../../worksheet/commands/word_bank";
import { placesOf } from "../../../kinds/form";
import type { FieldOf } from "../../../kinds/teacher";
import { lookOf } from "../../../ui/pictures";
import { otherwise, type Otherwise } from "./otherwise";
import type { Editing } from "../state/editing.svelte";

/** The share of the smaller of two boxes that lies over the other, from which on a place is taken. */
const TAKEN = 0.2;

export class FoundPlaces {
  private told: Readonly<Record<string, Proposed[]>> = $state.raw({});
  /** How the pages were shown when it was told. */
  private looks: Readonly<Record<string, string>> = {};
  private nameLines: readonly { page: string; box: Box }[] = $state.raw([]);
  private printedBanks: Readonly<Record<string, readonly Bank[]>> = $state.raw({});
  private said = 0;
  /** Whether a region that is drawn on a page takes what was found in it. */
  gathering = $state(false);

  constructor(private readonly editing: Editing) {}

  /** Ask the server what it has found by now. */
  async look(): Promise<void> {
    const params = { path: { worksheet_id: this.editing.id } };
    const { data } = await teacher
      .GET("/api/worksheets/{worksheet_id}/found", { params })
      .catch(() => ({ data: undefined }));
    if (!data) return;
    this.nameLines = data.flatMap(({ page, names }) => names.map((box) => ({ page, box })));
    this.printedBanks = Object.fromEntries(data.map(({ page, banks }) => [page, banks]));
    const told = data.filter((page): page is Told => page.proposals !== null);
    const looks = Object.fromEntries(this.editing.document.pages.map((page) => [page.id, lookOf(page)]));
    const same = (id: string) => this.looks[id] === looks[id];
    this.told = Object.fromEntries(
      told.map(({ page, proposals }) => [page, same(page) ? this.merged(page, proposals) : proposals]),
    );
    this.looks = looks;
    const count = this.all.length;
    if (count > this.said)
      announce(plural(count, ["# place to answer was found", "# places to answer were found"]));
    this.said = count;
  }

  /** The proposals for a page over which no field lies, and which were not refused. */
  on(page: Page): Field[] {
    return this.free(page).map(({ field }) => field);
  }

  get all(): Field[] {
    return this.editing.document.pages.flatMap((page) => this.on(page));
  }

  take(fields: readonly Field[]): void {
    this.editing.do(takeFound(fields));
  }

  /** Where pages ask for the student's name. */
  get names(): { page: string; box: Box }[] {
    const there = new Set(this.editing.document.pages.map(({ id }) => id));
    return this.nameLines.filter(({ page }) => there.has(page));
  }

  /** Pages with a bank of words, and blanks that its words go into. */
  get banks(): { page: Page; bank: Bank; blanks: FieldOf<"answer_box">[] }[] {
    return this.editing.document.pages.flatMap((page) => {
      const [bank] = this.printedBanks[page.id] ?? [];
      const blanks = boxesOf(this.on(page).filter(({ kind }) => kind === "answer_box")) ?? [];
      return bank && blanks.length > 1 ? [{ page, bank, blanks }] : [];
    });
  }

  /** Take the blanks of a page as slots for the words that are printed in its bank. */
  takeAsSlots({ bank, blanks }: { bank: Bank; blanks: FieldOf<"answer_box">[] }): void {
    this.editing.do(asWordBank(this.editing.document, blanks, bank));
  }

  /** How else one of them can be taken. */
  otherwise(field: Field): Otherwise[] {
    const page = this.editing.document.pages.find(({ id }) => id === field.page);
    return page ? otherwise(field, this.on(page), this.editing.printed.places(page).rules) : [];
  }

  /** Those that lie in a region of a page. */
  in(page: Page, region: Box): Field[] {
    return this.on(page).filter(({ box }) => overlaps(box, region));
  }

  /** Refuse some of them: they are not offered again, however the page is shown. */
  refuse(fields: readonly Field[]): void {
    const ids = new Set(fields.map(({ id }) => id));
    const places = this.editing.document.pages.map((page) => ({
      page,
      refused: this.free(page)
        .filter(({ field }) => ids.has(field.id))
        .map(({ source }) => source),
    }));
    this.editing.do(refuseFound(places));
  }

  private free(page: Page): Proposed[] {
    const { fields } = this.editing.document;
    const taken = fields.flatMap((field) => placesOf(field).filter((place) => place.page === page.id));
    return (this.told[page.id] ?? []).filter(
      ({ field: found, source }) =>
        !fields.some(({ id }) => id === found.id) &&
        !taken.some(({ box }) => liesOver(box, found.box)) &&
        !page.refused.some((refused) => liesOver(refused, source)),
    );
  }

  /** What the server has told now, and what it leaves out only since it is taken or refused here for the moment. */
  private merged(page: string, now: Proposed[]): Proposed[] {
    const gone = (this.told[page] ?? []).filter(
      ({ field }) => !now.some((each) => each.field.id === field.id),
    );
    return [...now, ...gone];
  }
}

type Bank = Schemas["WordBank"];
type Proposed = Schemas["Proposed"];
type Told = Schemas["FoundOut"] & { proposals: Proposed[] };

const liesOver = (one: Box, other: Box): boolean => shareOver(one, other) > TAKEN;
