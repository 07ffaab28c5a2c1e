// What is set on a scale, in words.

import type { Value } from "./scale";
import { belongs, valueOf, type Handle, type Plotted } from "./plotted";

/** A value as it is printed, with the sign for less than nothing. */
export const number = (value: number): string => String(value).replace("-", "−");

export const valueInWords = ({ across, up }: Value): string =>
  up === null ? number(across) : `(${number(across)}, ${number(up)})`;

/** Where a handle is; of an interval's end also whether it belongs to it. */
export function handleInWords(set: Plotted, handle: Handle): string {
  const value = valueOf(set, handle);
  if (!value) return /* @wc-include */ "runs on";
  const words = valueInWords(value);
  if (!handle.end) return words;
  return belongs(set, handle)
    ? /* @wc-include */ `${words}, included`
    : /* @wc-include */ `${words}, left out`;
}

function intervalInWords({ low, low_belongs, high, high_belongs }: Plotted["intervals"][number]): string {
  const [from, to] = [low ?? null, high ?? null];
  const left = from === null ? "(−∞" : `${low_belongs ? "[" : "("}${number(from)}`;
  const right = to === null ? "∞)" : `${number(to)}${high_belongs ? "]" : ")"}`;
  return `${left}, ${right}`;
}

/** All that is set: values, coordinates, intervals in brackets. */
export function inWords(set: Pick<Plotted, "placed" | "intervals">, line = false): string {
  const points = set.placed.map((point) => {
    const words = valueInWords({ across: point.across, up: point.up ?? null });
    return point.letter ? `${point.letter} ${words}` : words;
  });
  if (line && points.length === 2)
    return /* @wc-include */ `the line through ${points[0] ?? ""} and ${points[1] ?? ""}`;
  return [...points, ...set.intervals.map(intervalInWords)].join("; ");
}
