// The usual keys to take back and to do again: on a Mac with the command key, elsewhere with Ctrl, where Y does again, too.

/** What a key asks for; nothing where somebody types, whose browser takes letters back by itself, or in a dialog. */
export function undoKey(
  event: KeyboardEvent,
  mac = /Mac|iP/.test(navigator.platform),
): "undo" | "redo" | null {
  const held = mac ? event.metaKey && !event.ctrlKey : event.ctrlKey && !event.metaKey;
  if (!held || event.altKey || types(event.target)) return null;
  const key = event.key.toLowerCase();
  if (key === "z") return event.shiftKey ? "redo" : "undo";
  return key === "y" && !mac && !event.shiftKey ? "redo" : null;
}

/** Whether keys that are pressed there are letters, or belong to a dialog. */
export function types(target: EventTarget | null): boolean {
  const there = "input:not([type=radio], [type=checkbox]), textarea, select, dialog, [contenteditable]";
  return target instanceof Element && target.closest(there) !== null;
}
