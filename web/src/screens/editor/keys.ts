// The keyboard on the film: everything that a pointer does.

import { ARROWS } from "../../canvas/arrows";
import type { Point } from "../../canvas/box";
import { resized } from "../../canvas/box";
import type { Editing } from "./editing.svelte";

/** What the keys do, for the list on the slip. */
export const KEY_HELP = [
  ["Tab", "next box, in reading order"],
  ["Arrow keys", "move by a point; with Shift, by ten"],
  ["Alt + arrow keys", "make larger or smaller"],
  ["Delete", "remove"],
  ["R", "lay the same again, below"],
  ["Enter", "write in a text or a table; Escape ends it"],
  ["B", "lay one in the middle of the view"],
  ["Escape", "let go; then put the tool down"],
  ["Ctrl + Z", "undo; with Shift, redo"],
] as const;

export function onKey(event: KeyboardEvent, editing: Editing): void {
  if (writing(event.target)) return;
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
    event.preventDefault();
    if (event.shiftKey) editing.redo();
    else editing.undo();
    return;
  }
  if (event.ctrlKey || event.metaKey) return;
  const arrow = ARROWS[event.key];
  if (arrow && editing.allInHand.length > 0) {
    event.preventDefault();
    const by = event.shiftKey ? { x: arrow.x * 10, y: arrow.y * 10 } : arrow;
    if (event.altKey) resize(editing, by);
    else editing.nudge(by);
  } else if (event.key === "Delete" || event.key === "Backspace") {
    event.preventDefault();
    editing.remove();
  } else if (event.key === "Escape") {
    if (editing.selected.length > 0) editing.select([]);
    else editing.tool = null;
  } else if (event.key === "r") {
    editing.repeat();
  }
}

function resize(editing: Editing, by: Point): void {
  const boxes = new Map(
    editing.allInHand.map((placed) => [placed.id, resized(placed.box, "se", by, editing.page(placed.page))]),
  );
  editing.setBoxes("Size changed", boxes, `resize ${editing.selected.join()}`);
}

function writing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest("input:not([type=radio]), textarea, select, dialog, [contenteditable]") !== null
  );
}
