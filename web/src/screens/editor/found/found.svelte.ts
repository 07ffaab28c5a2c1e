// The fields that are proposed for the places found on pages, as far as nothing lies there.

import { teacher, type Box, type Field, type Page, type Schemas } from "../../../api/teacher";
import { announce } from "../../../ui/Announcer.svelte";
import { plural } from "../../../words/say";
import { takeFound } from "../../../worksheet/commands/fields";
import type { Editing } from "../state/editing.svelte";

/** The share of the smaller of two boxes that lies over the other, from which on a place is taken. */
const TAKEN = 0.2;

export class FoundPlaces {
  private told: Readonly<Record<string, Field[]>> = $state.raw({});
  /** Whether they are put away for as long as this visit lasts. */
  hidden = $state(false);
  private said = 0;

  constructor(private readonly editing: Editing) {}

  /** Ask the server what it has found by now. */
  async look(): Promise<void> {
    const params = { path: { worksheet_id: this.editing.id } };
    const { data } = await teacher
      .GET("/api/worksheets/{worksheet_id}/found", { params })
      .catch(() => ({ data: undefined }));
    if (!data) return;
    // What the server leaves out since a field lies there may be free again here, when that was taken back.
    const told = data.filter((page): page is Told => page.proposals !== null);
    this.told = Object.fromEntries(told.map(({ page, proposals }) => [page, this.merged(page, proposals)]));
    const count = this.all.length;
    if (count > this.said)
      announce(plural(count, ["# place to answer was found", "# places to answer were found"]));
    this.said = count;
  }

  /** The proposals for a page over which no field lies. */
  on(page: { id: string }): Field[] {
    if (this.hidden) return [];
    const fields = this.editing.document.fields.filter((field) => field.page === page.id);
    return (this.told[page.id] ?? []).filter(
      (found) => !fields.some((field) => field.id === found.id || liesOver(field.box, found.box)),
    );
  }

  get all(): Field[] {
    return this.editing.document.pages.flatMap((page: Page) => this.on(page));
  }

  take(fields: readonly Field[]): void {
    this.editing.do(takeFound(fields));
  }

  private merged(page: string, proposals: Schemas["Proposed"][]): Field[] {
    const now = proposals.map(({ field }) => field);
    const gone = (this.told[page] ?? []).filter(({ id }) => !now.some((field) => field.id === id));
    const laid = new Set(this.editing.document.fields.map(({ id }) => id));
    return [...now, ...gone.filter(({ id }) => laid.has(id))];
  }
}

type Told = Schemas["FoundOut"] & { proposals: Schemas["Proposed"][] };

function liesOver(one: Box, other: Box): boolean {
  const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x);
  const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y);
  const smaller = Math.min(one.width * one.height, other.width * other.height);
  return across > 0 && down > 0 && across * down > TAKEN * smaller;
}
