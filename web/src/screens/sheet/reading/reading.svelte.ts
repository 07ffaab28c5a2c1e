// How a student reads best: kept for this student on this device, for all their sheets, and told to nobody.

import type { Device } from "../../../saving/device";

export interface Reading {
  /** How much larger answers and words around the page are written. */
  letters: number;
  /** More room between letters, words and lines. */
  spacing: boolean;
  contrast: boolean;
  ruler: boolean;
  light: "device" | "day" | "dusk";
  /** What a small screen shows: the pages, or one question at a time. */
  shows: "page" | "question";
  /** The language of instructions; empty: as the device speaks. */
  language: string;
}

export const LETTERS = [1, 1.25, 1.5, 2] as const;

const USUAL: Reading = {
  letters: 1,
  spacing: false,
  contrast: false,
  ruler: false,
  light: "device",
  shows: "page",
  language: "",
};
const THEMES = { day: "velum", dusk: "velum-dusk" } as const;

/** The name under which it is kept for a student on the device. */
export const readingName = (student: string): string => `velum:reading:${student}`;

export class ReadingSettings {
  now: Reading = $state.raw(USUAL);
  private readonly name: string;

  constructor(
    student: string,
    private readonly device: Device,
  ) {
    this.name = readingName(student);
    const recall = () => (this.now = { ...USUAL, ...device.recall<Partial<Reading>>(this.name) });
    recall();
    device.watch((name) => name === this.name && recall());
  }

  set(changed: Partial<Reading>): void {
    this.now = { ...this.now, ...changed };
    this.device.keep(this.name, this.now);
  }
}

/** Have a whole page look like this (styles/reading.css). */
export function dress(root: HTMLElement, { letters, spacing, contrast, light }: Reading): void {
  const set = (name: string, value: string | undefined) =>
    value === undefined ? root.removeAttribute(name) : root.setAttribute(name, value);
  set("data-theme", light === "device" ? undefined : THEMES[light]);
  set("data-spacing", spacing ? "wide" : undefined);
  set("data-contrast", contrast ? "high" : undefined);
  root.style.setProperty("--letters", String(letters));
}
