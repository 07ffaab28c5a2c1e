// The pages of the worksheet: which are chosen, and what is done to those.

import { take } from "../../../api/failure";
import { teacher, type Box, type Edit, type Page, type Schemas } from "../../../api/teacher";
import { inRanges, moves } from "../../../worksheet/page_order";
import { newId } from "../../../worksheet/ids";
import type { Editing } from "../state/editing.svelte";
import { plural } from "../../../words/say";

type Corners = Schemas["StraightenIn"]["corners"];
type Straightened = Schemas["Straightened"];

/** How a page is to be shown. */
export interface Wish {
  page: Page;
  corners: Corners;
  whiten: boolean;
  /** The turn that the page then has. */
  turn: Page["turn"];
}

export class Paging {
  private names: string[] = $state.raw([]);
  private last: string | undefined;

  constructor(readonly editing: Editing) {}

  get all(): Page[] {
    return this.editing.document.pages;
  }

  /** The pages chosen, in their order. */
  get chosen(): Page[] {
    return this.all.filter(({ id }) => this.names.includes(id));
  }

  isChosen(page: Page): boolean {
    return this.names.includes(page.id);
  }

  /** Choose a page, or let it go; with `through`, all pages from the last one on. */
  choose(page: Page, chosen: boolean, through = false): void {
    const at = this.all.indexOf(page);
    const from = through ? this.all.findIndex(({ id }) => id === this.last) : at;
    const [first, end] = from < 0 ? [at, at] : [Math.min(from, at), Math.max(from, at)];
    const meant = this.all.slice(first, end + 1).map(({ id }) => id);
    this.names = chosen
      ? [...new Set([...this.names, ...meant])]
      : this.names.filter((id) => !meant.includes(id));
    this.last = page.id;
  }

  chooseAll(): void {
    this.names = this.all.map(({ id }) => id);
  }

  chooseNone(): void {
    this.names = [];
  }

  /** Choose by numbers, such as "1-3, 7". */
  chooseByNumber(text: string): void {
    const numbers = inRanges(text, this.all.length);
    this.names = this.all.filter((_, i) => numbers.has(i + 1)).map(({ id }) => id);
  }

  turn(): void {
    this.do(
      "Turned",
      this.chosen.map(({ id }) => ({ op: "turn_page", page_id: id, by: 90 })),
    );
  }

  /** Whether the pages chosen can go on in a direction. */
  canMove(by: 1 | -1): boolean {
    const chosen = this.chosen;
    if (chosen.length === 0 || chosen.length === this.all.length) return false;
    return this.movesBy(by).length > 0;
  }

  move(by: 1 | -1): void {
    this.do("Moved", this.movesBy(by));
  }

  /** Move the pages chosen so that the first of them has a number, counted from 1. */
  moveTo(number: number): void {
    this.do("Moved", this.movesTo(number - 1));
  }

  double(): void {
    const edits: Edit[] = [];
    this.all.forEach((page, i) => {
      if (!this.isChosen(page)) return;
      const double = { ...page, id: newId() };
      const inserted = edits.filter(({ op }) => op === "insert_page").length;
      edits.push({ op: "insert_page", page: double, to: i + 1 + inserted });
      for (const fixture of this.editing.store.fixturesOn(page)) {
        edits.push({ op: "lay_fixture", fixture: { ...fixture, id: newId(), page: double.id }, layer: null });
      }
    });
    this.do("Doubled", edits);
  }

  setAside(): void {
    this.do("Set aside", this.aside(this.chosen));
    this.chooseNone();
  }

  /** Set all but the chosen pages aside. */
  keepOnly(): void {
    const others = this.all.filter((page) => !this.isChosen(page));
    this.editing.do({
      label: plural(others.length, ["# page set aside", "# pages set aside"]),
      edits: this.aside(others),
    });
    this.chooseNone();
  }

  bringBack(page: Page): void {
    const edits: Edit[] = [{ op: "bring_page_back", page_id: page.id, to: this.all.length }];
    this.editing.do({ label: "Page brought back", edits });
  }

  /** Make pages of regions of a page, behind it, in this order. Throws Failure. */
  async cutOut(page: Page, boxes: Box[]): Promise<void> {
    await this.editing.store.allSaved();
    const params = { path: { worksheet_id: this.editing.id, page_id: page.id } };
    const cuts = await take(
      teacher.POST("/api/worksheets/{worksheet_id}/pages/{page_id}/cuts", { params, body: { boxes } }),
    );
    const at = this.all.findIndex(({ id }) => id === page.id) + 1;
    this.editing.do({
      label: plural(cuts.length, ["Region cut out", "# regions cut out"]),
      edits: cuts.map((cut, i) => ({ op: "insert_page", page: cut, to: at + i })),
    });
  }

  /** How a page would be shown, and where its fields would lie. Throws Failure. */
  async straightened(page: Page, corners: Corners, whiten: boolean): Promise<Straightened> {
    await this.editing.store.allSaved();
    const params = { path: { worksheet_id: this.editing.id, page_id: page.id } };
    return take(
      teacher.POST("/api/worksheets/{worksheet_id}/pages/{page_id}/straightened", {
        params,
        body: { corners, whiten },
      }),
    );
  }

  /** Show pages as wished, in one step. Throws Failure. */
  async straighten(wishes: Wish[]): Promise<void> {
    const edits: Edit[] = [];
    for (const { page, corners, whiten, turn } of wishes) {
      const { shown, fields, fixtures } = await this.straightened(page, corners, whiten);
      edits.push({ op: "show_page", page_id: page.id, shown });
      edits.push(...fields.map((field): Edit => ({ op: "change", field })));
      edits.push(...fixtures.map((fixture): Edit => ({ op: "change_fixture", fixture })));
      const by = (turn - page.turn + 360) % 360;
      if (by) edits.push({ op: "turn_page", page_id: page.id, by: by as 90 | 180 | 270 });
    }
    const label = plural(wishes.length, ["Page straightened", "# pages straightened"]);
    this.editing.do({ label, edits });
  }

  private do(what: string, edits: Edit[]): void {
    const [one] = this.chosen;
    const name =
      this.chosen.length === 1 && one
        ? this.editing.store.pageName(one)
        : plural(this.chosen.length, ["# page", "# pages"]);
    if (edits.length > 0) this.editing.do({ label: `${what}: ${name}`, edits });
  }

  private aside(pages: Page[]): Edit[] {
    this.editing.hand.select([]);
    return pages.flatMap((page): Edit[] => [
      ...this.editing.store.fieldsOn(page).map((field): Edit => ({ op: "remove", field_id: field.id })),
      { op: "set_page_aside", page_id: page.id },
    ]);
  }

  private movesBy(by: 1 | -1): Edit[] {
    const edge = by < 0 ? this.chosen[0] : this.chosen.at(-1);
    if (!edge) return [];
    const before = this.all.slice(0, this.all.indexOf(edge)).filter((page) => !this.isChosen(page)).length;
    return this.movesTo(before + by);
  }

  private movesTo(to: number): Edit[] {
    const others = this.all.filter((page) => !this.isChosen(page));
    const at = Math.max(0, Math.min(others.length, to));
    const wanted = others.toSpliced(at, 0, ...this.chosen);
    return moves(
      this.all.map(({ id }) => id),
      wanted.map(({ id }) => id),
    );
  }
}
