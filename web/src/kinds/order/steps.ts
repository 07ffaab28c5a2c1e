// Places in an order, by their ids.

import type { Schemas } from "../../api/student";
import { letter } from "../picked";

export type Step = Schemas["Step"];

/** The order after a place was pressed: it comes next, or is taken out. */
export const pressed = (sequence: readonly string[], id: string): string[] =>
  sequence.includes(id) ? sequence.filter((other) => other !== id) : [...sequence, id];

/** What a place is called: by what is printed there, or by its letter. */
export const stepName = (steps: readonly Step[], step: Step): string =>
  step.name || letter(steps.indexOf(step));

export const inWords = (steps: readonly Step[], sequence: readonly string[]): string =>
  sequence
    .flatMap((id) => steps.find((step) => step.id === id) ?? [])
    .map((step) => stepName(steps, step))
    .join(", ");
