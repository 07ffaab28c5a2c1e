// What is settled for the worksheet as a whole.

import type { Document } from "../../api/teacher";
import type { Command } from "../command";

export function rename(document: Document, title: string): Command | undefined {
  const now = title.trim();
  if (!now || now === document.title) return undefined;
  return { label: "Renamed", edits: [{ op: "rename", title: now }], joins: "title", typing: true };
}

/** Settle how fields look that have no style of their own. */
export const setUsualStyle = (style: Document["style"]): Command => ({
  label: "Usual look changed",
  edits: [{ op: "set_style", style }],
  joins: "usual look",
});

export const setDecimal = (document: Document, decimal: Document["settings"]["decimal"]): Command => ({
  label: "Decimal sign set",
  edits: [{ op: "set_settings", settings: { ...document.settings, decimal } }],
});
