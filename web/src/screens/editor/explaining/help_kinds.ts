// The kinds of help, as teachers choose them.

import type { Help } from "../../../worksheet/commands/explaining";

// @wc-include
export const LABELS: Record<Help["kind"], string> = {
  hint: "Hint",
  example: "Worked example",
  link: "Link",
  sound: "Sound",
  picture: "Picture",
};

export const KINDS = Object.keys(LABELS) as Help["kind"][];

/** What is begun and says nothing yet; a link, a sound and a picture are there once they are whole. */
export type Begun = { kind: "link"; address: string; label: string } | { kind: "sound" } | undefined;

/** Hundredths of the points that help may cost, as they are offered. */
export const COSTS = [0, 10, 25, 50, 100];
