// Signs that are on no keyboard: pressed one by one, or digits that are raised or lowered while they are typed.

export type Shift = "raised" | "lowered" | null;

const DIGITS = "0123456789+-";
const RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻";
const LOWERED = "₀₁₂₃₄₅₆₇₈₉₊₋";

/** Each with what it is called by those who listen. */
export const SIGNS = {
  chemistry: [
    ["→", "Arrow"],
    ["⇌", "Arrow both ways"],
    ["·", "Dot"],
    ["Δ", "Delta"],
  ],
  maths: [
    ["×", "Times"],
    ["÷", "Divided by"],
    ["±", "Plus or minus"],
    ["½", "A half"],
    ["√", "Root"],
    ["π", "Pi"],
    ["≤", "At most"],
    ["≥", "At least"],
    ["≠", "Not equal"],
    ["°", "Degrees"],
  ],
} as const;

/** What is written for letters typed while digits are raised or lowered; null: they end it. */
export function shifted(typed: string, shift: Shift): string | null {
  if (!shift) return null;
  const signs = [...(shift === "raised" ? RAISED : LOWERED)];
  const places = [...typed].map((letter) => DIGITS.indexOf(letter));
  return places.includes(-1) ? null : places.map((place) => signs[place]).join("");
}

/** Put a text where the cursor is, and tell of it as if it were typed. */
export function insert(input: HTMLInputElement | HTMLTextAreaElement, text: string): void {
  if (input.readOnly) return;
  input.setRangeText(text, input.selectionStart ?? 0, input.selectionEnd ?? 0, "end");
  input.dispatchEvent(new InputEvent("input", { bubbles: true, data: text, inputType: "insertText" }));
}
