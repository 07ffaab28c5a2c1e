// What the teacher has in hand: what is selected, the tool that was picked up, what is written in.

import type { Editor as RichText } from "@tiptap/core";
import type { Field } from "../../../api/teacher";
import { USUAL_KIND, type ChosenPicture } from "../../../kinds/teacher";
import type { FixtureTool } from "../fixtures/tools";

export class Hand {
  /** The ids of what is selected. */
  selected: string[] = $state.raw([]);
  /** Whether what is pressed next is taken too, as with Shift held: for fingers. */
  gathering = $state(false);
  /** What the focus was on last of what lies on the film. */
  stop: string | null = $state(null);
  /** What is laid when the page is pressed or drawn on; none: presses select. */
  tool: Field["kind"] | FixtureTool | null = $state(USUAL_KIND);
  /** How large a field of each kind was laid last. */
  readonly sizes: Partial<Record<Field["kind"], { width: number; height: number }>> = {};
  /** The page that is looked at. */
  page: string | null = $state(null);
  /** The field that presses on the page add to. */
  adding: string | null = $state(null);
  /** The fixture that is written in. */
  writing: string | null = $state(null);
  /** The rich text editor that is at work in it. */
  writer: { editor: RichText } | null = $state.raw(null);
  /** What is done with the picture that the teacher is choosing. */
  choosing: ((picture: ChosenPicture) => void) | null = $state.raw(null);

  select(ids: string[]): void {
    this.selected = ids;
    if (ids.length === 0) this.gathering = false;
    if (this.writing && !ids.includes(this.writing)) this.writing = null;
    if (this.adding && !ids.includes(this.adding)) this.adding = null;
  }

  /** Begin to take more in hand, or stop; meanwhile presses lay nothing. */
  gather(): void {
    this.gathering = !this.gathering;
    if (this.gathering) this.tool = null;
  }

  /** What is no longer there is no longer in hand. */
  keepOnly(there: ReadonlySet<string>): void {
    if (this.selected.some((id) => !there.has(id))) this.select(this.selected.filter((id) => there.has(id)));
  }
}
