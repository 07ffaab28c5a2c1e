// How large the letters of a choice are, so that all options find room in its box.

interface Choice {
  box: { width: number; height: number };
  options: readonly { text: string }[];
  arrangement: "row" | "column" | "list";
}

/** Points that letters are high. */
export function letterPoints({ box, options, arrangement }: Choice): number {
  const room =
    arrangement === "row"
      ? Math.min(box.height, box.width / options.length)
      : arrangement === "column"
        ? box.height / options.length
        : box.height;
  return Math.min(14, Math.max(5, room * 0.58));
}
