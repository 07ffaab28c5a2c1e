import type { Note } from "./notes";

export type NoteColour = NonNullable<Note["colour"]>;

/** What a note's paper looks like: pale, and told apart by its rim too. */
export const PAPERS: Record<NoteColour, { paper: string; rim: string }> = {
  yellow: { paper: "#fff3bf", rim: "#9a6b06" },
  blue: { paper: "#d9ebff", rim: "#1d5c96" },
  rose: { paper: "#ffe0e0", rim: "#a2363f" },
  green: { paper: "#dcf3dc", rim: "#2d6a35" },
};
