// What is printed on pages, as far as it was asked for: what is laid by hand is brought in line with it.

import { teacher, type Page, type Schemas } from "../../../api/teacher";
import { areaOf, inRows, middleOf, overlaps, type Box, type Point } from "../../../canvas/box";
import type { PrintedPlaces } from "../../../canvas/repeat";
import { Edges, type Edge } from "../../../canvas/snap";
import { lookOf } from "../../../ui/pictures";

type Guides = NonNullable<Schemas["GuidesOut"]["guides"]>;

/** Points beyond which something is not what a box is brought in line with, and how much less it is meant than a blank. */
const TEXT = { reach: 20, less: 0.7 };
const RULING = { reach: 40, less: 0.3 };
const BLANK = { reach: 20, less: 0 };
const LAID = { reach: Infinity, less: 0 };
/** Milliseconds until a page of which nothing is known yet is asked about again. */
const AGAIN = 1_500;

/** What is printed on a page. */
interface Print extends PrintedPlaces {
  uprights: readonly Box[];
}
const NOTHING: Print = { blanks: [], rules: [], text: [], uprights: [] };

export class Printed {
  private readonly told = new Map<string, Print>();
  private readonly asked = new Set<string>();

  constructor(private readonly worksheetId: string) {}

  /** Ask for what is printed on a page, once for each way in which it is shown. */
  async want(page: Page): Promise<void> {
    const name = nameOf(page);
    if (this.asked.has(name)) return;
    this.asked.add(name);
    const params = { path: { worksheet_id: this.worksheetId, page_id: page.id } };
    const { data } = await teacher
      .GET("/api/worksheets/{worksheet_id}/pages/{page_id}/guides", { params })
      .catch(() => ({ data: undefined }));
    if (data?.guides) this.told.set(name, printOf(data.guides));
    else setTimeout(() => this.asked.delete(name), AGAIN);
  }

  /** The places of a page that tell how far apart fields are to be. */
  places(page: Page): Print {
    return this.known(page) ?? NOTHING;
  }

  /** The same; undefined as long as it is not known. */
  known(page: Page): Print | undefined {
    return this.told.get(nameOf(page));
  }

  /** What boxes may be brought in line with: what is printed on a page, and the boxes that lie there. */
  edges(page: Page, boxes: readonly Box[]): Edges {
    const { text, rules, uprights, blanks } = this.places(page);
    const x: Edge[] = [];
    const y: Edge[] = [];
    const upright = (at: number, { y: from, height }: Box, as: typeof TEXT) =>
      x.push({ at, from, to: from + height, ...as });
    const level = (at: number, { x: from, width }: Box, as: typeof TEXT) =>
      y.push({ at, from, to: from + width, ...as });
    const sides = (box: Box, as: typeof TEXT) => {
      upright(box.x, box, as);
      upright(box.x + box.width, box, as);
    };
    for (const row of text) {
      sides(row, TEXT);
      level(row.y + row.height, row, TEXT);
    }
    for (const rule of rules) {
      sides(rule, RULING);
      level(rule.y + rule.height / 2, rule, RULING);
    }
    for (const rule of uprights) upright(rule.x + rule.width / 2, rule, RULING);
    const whole = (box: Box, as: typeof TEXT) => {
      sides(box, as);
      level(box.y, box, as);
      level(box.y + box.height, box, as);
    };
    for (const blank of blanks) whole(blank, BLANK);
    for (const box of boxes) whole(box, LAID);
    return new Edges(x, y);
  }

  /** The smallest blank at a point of a page. */
  blankAt(page: Page, { x, y }: { x: number; y: number }): Box | undefined {
    const point = { x, y, width: 0.1, height: 0.1 };
    const holding = this.places(page).blanks.filter((blank) => overlaps(blank, point));
    return holding.sort((a, b) => areaOf(a) - areaOf(b))[0];
  }

  /** The blanks of a page in a frame, row by row as they are read; of one within another the smaller. */
  blanksIn(page: Page, frame: Box): Box[] {
    const within = this.places(page)
      .blanks.filter((blank) => holds(frame, middleOf(blank)))
      .toSorted((a, b) => areaOf(a) - areaOf(b));
    const smallest = within.filter(
      (blank, i) => !within.slice(0, i).some((other) => holds(blank, middleOf(other))),
    );
    return inRows(smallest);
  }
}

const holds = ({ x, y, width, height }: Box, at: Point): boolean =>
  at.x >= x && at.y >= y && at.x <= x + width && at.y <= y + height;

const printOf = ({ text = [], across = [], down = [], blanks = [] }: Guides): Print => ({
  blanks: blanks.map(boxOf),
  rules: across.map(boxOf),
  text: text.map(boxOf),
  uprights: down.map(boxOf),
});

const boxOf = ([x = 0, y = 0, width = 0, height = 0]: readonly number[]): Box => ({ x, y, width, height });

const nameOf = (page: Page): string => `${page.id} ${lookOf(page)}`;
