// How far the server is with drawing the pages, and what it found out about them.

import { teacher, type Schemas } from "../../../api/teacher";
import { lookOf, type Looking } from "../../../ui/pictures";

type Found = Schemas["PagePicture"];

/** Milliseconds between two looks: while pages are drawn, and while they are only looked over. */
const LOOK = 250;
const SLOW_LOOK = 1500;
/** How many looks without any progress until the server is asked to go on. */
const PATIENCE = 12;

/** Dots an inch below which print looks coarse on paper. */
export const COARSE = 150;

export class Drawing {
  private found: Record<string, Found> = $state.raw({});
  private following = false;
  private looked = $state(false);
  private lookedAt: readonly unknown[] = [];
  /** Rises when pages come, go or are saved: what the server was asked before is no longer worth its answer. */
  private changes = 0;
  private there: ReadonlySet<string>;

  /** `first` are the pages that the server had when the worksheet was opened. */
  constructor(
    private readonly worksheetId: string,
    private first: ReadonlySet<string>,
  ) {
    this.there = first;
    void this.follow();
  }

  /** Whether the server knows of a page, so that it can be asked for its picture. */
  knows(page: { id: string }): boolean {
    return this.first.has(page.id) || page.id in this.found;
  }

  /** Forget pages that are gone: if they come back, the server has to have them before they are asked for. */
  keepOnly(there: ReadonlySet<string>): void {
    const same = there.size === this.there.size && [...there].every((id) => this.there.has(id));
    if (same) return;
    this.there = there;
    this.changes += 1;
    this.first = new Set([...this.first].filter((id) => there.has(id)));
    const kept = Object.entries(this.found).filter(([id]) => there.has(id));
    if (kept.length < Object.keys(this.found).length) this.found = Object.fromEntries(kept);
  }

  /** Look again if pages are others than at the last look: what only lies on them changes no picture. */
  lookAgain(pages: readonly unknown[]): void {
    if (pages.every((some, i) => some === this.lookedAt[i])) return;
    this.lookedAt = pages;
    this.changes += 1;
    if (!this.following) void this.follow();
  }

  /** What is known of a page as it is shown now. */
  of(page: { id: string } & Looking): Found | undefined {
    const found = this.found[page.id];
    return found?.look === lookOf(page) ? found : undefined;
  }

  failed(page: { id: string } & Looking): boolean {
    return this.of(page)?.state === "failed";
  }

  get ready(): number {
    return Object.values(this.found).filter(({ state }) => state !== "waiting").length;
  }

  get done(): boolean {
    // Before the first look nothing is known.
    return this.looked && Object.values(this.found).every(({ state }) => state !== "waiting");
  }

  /** How many pages all is known about. */
  get surveyed(): number {
    return Object.values(this.found).filter(({ surveyed }) => surveyed).length;
  }

  private async follow(): Promise<void> {
    this.following = true;
    await this.untilAllIsKnown();
    this.following = false;
  }

  private async untilAllIsKnown(): Promise<void> {
    const params = { path: { worksheet_id: this.worksheetId } };
    let looks = 0;
    for (;;) {
      const before = this.ready + this.surveyed;
      const asked = this.changes;
      const { data } = await teacher
        .GET("/api/worksheets/{worksheet_id}/pictures", { params })
        .catch(() => ({ data: undefined }));
      if (asked !== this.changes) continue;
      if (data) {
        // The server may still have a page that was taken away here a moment ago.
        const there = data.filter(({ page }) => this.there.has(page));
        this.found = Object.fromEntries(there.map((found) => [found.page, found]));
        this.looked = true;
      }
      if (data && this.done && this.surveyed === data.length) return;
      looks = this.ready + this.surveyed > before ? 0 : looks + 1;
      if (looks >= PATIENCE) {
        looks = 0;
        await teacher.POST("/api/worksheets/{worksheet_id}/pictures", { params }).catch(() => undefined);
      }
      await new Promise((resolve) => setTimeout(resolve, data && this.done ? SLOW_LOOK : LOOK));
    }
  }
}
