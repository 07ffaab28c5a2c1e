// The usual keys to copy, to cut and to paste, and the browser's own menu for them, on the film.
//
// The clipboard that all programs share gets a word by which it is known whether something else was copied since.

import type { Editing } from "../state/editing.svelte";
import { types } from "../state/undo_keys";

const NAME = "Velum";

/** Whether an event is about the film, and not about letters that somebody has marked or writes. */
function isOurs(event: ClipboardEvent): boolean {
  return !types(event.target) && (document.getSelection()?.isCollapsed ?? true);
}

export function onCopy(event: ClipboardEvent, editing: Editing): void {
  const word = isOurs(event) ? (event.type === "cut" ? editing.cut() : editing.copy()) : undefined;
  if (!word) return;
  event.preventDefault();
  event.clipboardData?.setData("text/plain", `${NAME} ${word}`);
}

export function onPaste(event: ClipboardEvent, editing: Editing): void {
  if (!isOurs(event)) return;
  const there = event.clipboardData?.getData("text/plain");
  const word = editing.pasteable?.word;
  if (!word || there !== `${NAME} ${word}`) return;
  event.preventDefault();
  editing.paste();
}

/** The same by a button: who pastes by keys then pastes this. */
export function copyByButton(editing: Editing, cut: boolean): void {
  const word = cut ? editing.cut() : editing.copy();
  // Where a browser does not let it be written, the button pastes it all the same.
  if (word) navigator.clipboard?.writeText(`${NAME} ${word}`).catch(() => undefined);
}
