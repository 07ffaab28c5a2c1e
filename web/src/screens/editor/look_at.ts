// Leading to fields, from wherever the teacher is.

import { tick } from "svelte";
import type { Editing } from "./state/editing.svelte";
import type { Step } from "./steps";

/** Frames after which a field that is not built yet is no longer waited for. */
const PATIENCE = 120;

/** Show fields in a step of the editor, in hand and in the middle of what is seen. */
export function lookAt(editing: Editing, ids: string[], step: Step): void {
  editing.hand.select(ids);
  if (location.hash === `#${step}`) {
    // At once, for the next letter may be typed already.
    look(ids[0]);
    return;
  }
  window.addEventListener("hashchange", () => void tick().then(() => look(ids[0])), { once: true });
  location.hash = step;
}

function look(id: string | undefined, frames = 0): void {
  const field = document.querySelector<HTMLElement>(`main [data-field="${id}"]`);
  if (!field && frames < PATIENCE) requestAnimationFrame(() => look(id, frames + 1));
  field?.scrollIntoView({ block: "center" });
  (field?.querySelector<HTMLElement>("input, textarea, select") ?? field)?.focus({ preventScroll: true });
}
