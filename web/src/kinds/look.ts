// How a field looks on its page, made of its style: properties that styles/paper.css draws it by.

import type { Attachment } from "svelte/attachments";
import type { Schemas } from "../api/teacher";

export type Style = Schemas["Style"];

/** What fields look like in which nothing was settled. */
export const USUAL: Style = {
  border: "thin",
  fill: "film",
  see_through: true,
  size: null,
  colour: null,
  align: "start",
};

/** Widths of what is drawn around, in CSS pixels. */
const EDGES: Record<Style["border"], string> = { thin: "1.5px", bold: "3px", below: "0px", none: "0px" };

/** Dress a field on a page in its style. One of a `clear` kind has no border and no fill of its own. */
export function dressed(style: Style, clear = false): Attachment<HTMLElement> {
  return (element) => {
    const set = (name: string, value: string | undefined) =>
      value ? element.style.setProperty(name, value) : element.style.removeProperty(name);
    element.dataset["border"] = clear ? "thin" : style.border;
    set("--field-edge", clear ? undefined : EDGES[style.border]);
    set("--field-fill", clear ? undefined : fillOf(style));
    set("--field-ink", style.colour ?? undefined);
    set("--field-align", style.align === "centre" ? "center" : style.align);
  };
}

/** Dress a slot as fields of its style are dressed, though the paper under the rest of its field is seen. */
export function dressedSlot(style: Style): Attachment<HTMLElement> {
  return (element) => {
    element.dataset["border"] = style.border;
    const fill = fillOf(style);
    if (fill) element.style.setProperty("--field-fill", fill);
    else element.style.removeProperty("--field-fill");
  };
}

function fillOf({ fill, see_through: clear }: Style): string | undefined {
  if (fill === "none") return clear ? "transparent" : "var(--sheet)";
  if (fill === "film") return clear ? undefined : "color-mix(in srgb, var(--film) 12%, var(--sheet))";
  return clear ? `color-mix(in srgb, ${fill} 40%, transparent)` : fill;
}
