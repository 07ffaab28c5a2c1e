import type { Answer } from "./view";

/** A picture in words: what the student says is on it, and its labels. */
export const inWords = ({ picture, says, labels }: Answer): string =>
  picture ? [says || /* @wc-include */ "a picture", ...labels.map(({ text }) => text)].join("; ") : "";
