// By what answers are compared, as the slip offers it.

import type { KeyOf } from "../teacher";

export type Comparison = NonNullable<KeyOf<"answer_box">["comparison"]>;
export type By = Comparison["by"];
export type Tolerance = NonNullable<Extract<Comparison, { by: "number" }>["tolerance"]>;

export const NAMES: Record<By, string> = {
  words: "Words",
  number: "A number",
  time: "A time of day",
  date: "A date or a year",
  ratio: "A ratio",
  formula: "A chemical formula",
  expression: "An expression or equation",
};

/** A comparison with nothing set. */
export function plain(by: By): Comparison {
  switch (by) {
    case "words":
      return {
        by,
        case_counts: false,
        accents_ignored: false,
        articles_ignored: false,
        punctuation_counts: false,
        slips: false,
        contains: false,
        numbers_by_value: false,
        parts: "whole",
      };
    case "number":
      return { by, decimal: null, tolerance: null, unit: "asked", lowest_terms: false, form: "any" };
    case "time":
    case "date":
      return { by };
    case "ratio":
      return { by, lowest_terms: false };
    case "formula":
      return { by, states: "ignored" };
    case "expression":
      return { by, same_form: false, form: "any" };
  }
}

/** What may be set for words, each with what it says. */
export const WORD_RULES = [
  ["case_counts", "Capital letters count"],
  ["accents_ignored", "Accents do not count"],
  ["punctuation_counts", "Punctuation at the end counts"],
  ["slips", "Let slips of spelling pass in long words"],
  ["contains", "Enough that these words are in it"],
  ["numbers_by_value", "Numbers in it count by value"],
] as const;

/** What a list, or a sentence, is worth by its parts. */
export const PARTS = [
  ["whole", "All of it, or nothing"],
  ["each", "Each part of a list earns its share"],
  ["words", "Word by word, as in a dictation"],
] as const;

export const NUMBER_FORMS = [
  ["any", "any"],
  ["mixed", "a mixed number, 1 3/4"],
  ["standard", "standard form, 3.2 × 10⁵"],
] as const;

export const EXPRESSION_FORMS = [
  ["any", "Any form"],
  ["simplified", "Simplified, as the key is"],
  ["factorised", "Factorised, as the key is"],
] as const;

export const TOLERANCES = {
  exact: "Exactly",
  within: "Within an amount",
  percent: "Within a percentage",
  between: "From … to …",
  places: "Rounded to decimal places",
  figures: "Rounded to significant figures",
} as const;
export type ToleranceName = keyof typeof TOLERANCES;

export function toleranceName(tolerance: Tolerance | null | undefined): ToleranceName {
  if (!tolerance) return "exact";
  if (tolerance.rule === "within") return tolerance.percent ? "percent" : "within";
  return tolerance.rule === "between" ? "between" : tolerance.to;
}

/** A tolerance to begin with; for a range it takes the key itself at both ends. */
export function plainTolerance(name: ToleranceName, key: string): Tolerance | null {
  const number = key.match(/-?\d+(\.\d+)?/)?.[0] ?? "0";
  switch (name) {
    case "exact":
      return null;
    case "within":
      return { rule: "within", amount: "0.1", percent: false };
    case "percent":
      return { rule: "within", amount: "5", percent: true };
    case "between":
      return { rule: "between", low: number, high: number };
    case "places":
    case "figures":
      return { rule: "rounded", digits: 2, to: name };
  }
}
