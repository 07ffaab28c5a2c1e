// The keyboard on the film: everything that a pointer does. The film is one tab stop; arrow keys go from one thing to the next
// until something is taken in hand, and then move that.

import { tick } from "svelte";
import { stepOf } from "../../../canvas/keys";
import { nudge, stretch } from "../../../worksheet/commands/boxes";
import { lock, removeAll, selectLike } from "../../../worksheet/commands/fields";
import { layAgain } from "../../../worksheet/commands/repeat";
import { fieldOf, isField, lying } from "../../../worksheet/lying";
import type { Editing } from "../state/editing.svelte";
import { types } from "../state/undo_keys";

export interface Place {
  editing: Editing;
  /** What scrolls the pages. */
  stage: HTMLElement;
  /** Lay what is picked up in the middle of what is seen. */
  lay(): void;
}

const NAMED = "[data-field], [data-fixture]";
const idOf = (element: Element | null | undefined): string | undefined =>
  element?.closest<HTMLElement>(NAMED)?.dataset["field"] ??
  element?.closest<HTMLElement>(NAMED)?.dataset["fixture"];

/** The keys that were pressed, if the film is their place: it has the focus, or nothing has. */
export function onKey(event: KeyboardEvent, { editing, stage, lay }: Place): void {
  const target = event.target as HTMLElement;
  const here = target === document.body || stage.contains(target);
  const drawer = target.closest("[data-drawer]") !== null;
  if (types(target) || target.closest("[data-slip]")) return;
  if (event.key === "Escape") {
    // Wherever the focus is, but where it has a meaning of its own.
    if (editing.hand.selected.length > 0) editing.hand.select([]);
    else editing.hand.tool = null;
  } else if (!here && !drawer) return;
  else if (event.key.toLowerCase() === "b" && !event.ctrlKey && !event.metaKey) {
    lay();
    void focusOn(stage, editing.hand.selected[0]);
  } else if (here) onThings(event, editing, stage, target);
}

/** The space bar was let go, and nothing was moved with it held. */
export function onSpace(event: KeyboardEvent, editing: Editing, stage: HTMLElement): void {
  const focused = event.target instanceof Element && stage.contains(event.target) && idOf(event.target);
  if (focused && !types(event.target)) take(editing, focused, event.shiftKey);
}

function onThings(event: KeyboardEvent, editing: Editing, stage: HTMLElement, target: HTMLElement): void {
  const { hand, document: sheet } = editing;
  const focused = idOf(target);
  const ids = hand.selected.length > 0 ? hand.selected : focused ? [focused] : [];
  const goesOn = hand.selected.length === 0 || event.ctrlKey;
  const by = stepOf(event, { small: 1, large: 10 });
  if (goesOn && DIRECTIONS[event.key]) {
    event.preventDefault();
    go(stage, target, DIRECTIONS[event.key] as number);
  } else if (by && hand.selected.length > 0) {
    event.preventDefault();
    editing.do(event.altKey ? stretch(sheet, ids, by) : nudge(sheet, ids, by));
  } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "a") {
    event.preventDefault();
    hand.select(sheet.fields.map(({ id }) => id));
  } else if (event.ctrlKey || event.metaKey) {
    return;
  } else if (event.key === "Enter" && focused) {
    event.preventDefault();
    enter(editing, focused);
  } else if (event.key === "Delete" || event.key === "Backspace") {
    event.preventDefault();
    const next = neighbour(stage, target, 1) ?? neighbour(stage, target, -1);
    editing.do(removeAll(sheet, ids));
    void focusOn(stage, idOf(next));
  } else if (event.key.toLowerCase() === "a") {
    const like = fieldOf(sheet, ids[0] ?? "");
    if (like) hand.select(selectLike(sheet, like, event.shiftKey ? "kind" : "size"));
  } else if (event.key.toLowerCase() === "k") {
    editing.do(lock(sheet, ids));
  } else if (event.key.toLowerCase() === "r") {
    const printed = editing.printed.places.bind(editing.printed);
    editing.do(layAgain(sheet, ids, event.shiftKey ? "x" : "y", printed));
    void focusOn(stage, hand.selected[0]);
  }
}

const DIRECTIONS: Record<string, number> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
  Home: -Infinity,
  End: Infinity,
};

const things = (stage: HTMLElement): HTMLElement[] => [...stage.querySelectorAll<HTMLElement>(NAMED)];

function neighbour(stage: HTMLElement, from: HTMLElement, by: number): HTMLElement | undefined {
  const all = things(stage);
  const at = all.findIndex((thing) => thing.contains(from));
  return by > 0 && at < 0 ? all[0] : all[at + by];
}

function go(stage: HTMLElement, from: HTMLElement, by: number): void {
  const all = things(stage);
  const to = by === Infinity ? all.at(-1) : by === -Infinity ? all[0] : neighbour(stage, from, by);
  to?.focus();
}

function take(editing: Editing, id: string, too: boolean): void {
  const { selected } = editing.hand;
  const others = selected.filter((other) => other !== id);
  const puts = selected.includes(id);
  editing.hand.select(puts ? others : too ? [...selected, id] : [id]);
}

/** Write in what is written in; else go to the slip of it. */
function enter(editing: Editing, id: string): void {
  const [thing] = lying(editing.document, [id]);
  if (!thing) return;
  if (!editing.hand.selected.includes(id)) editing.hand.select([id]);
  if (!isField(thing) && (thing.kind === "text" || thing.kind === "table")) editing.hand.writing = id;
  else
    void tick().then(() =>
      document.querySelector<HTMLElement>("[data-slip] :is(input, select, textarea, button)")?.focus(),
    );
}

/** Bring the focus to what lies on a page. */
export async function focusOn(stage: ParentNode, id: string | undefined): Promise<void> {
  await tick();
  stage.querySelector<HTMLElement>(`[data-field="${id}"], [data-fixture="${id}"]`)?.focus();
}
