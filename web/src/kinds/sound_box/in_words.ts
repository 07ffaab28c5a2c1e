import type { Answer } from "./sound";

export const inWords = ({ sound }: Answer): string => (sound ? /* @wc-include */ "a recording" : "");
