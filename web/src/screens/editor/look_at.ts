// Leading to fields, from wherever the teacher is.

import type { Editing } from "./editing.svelte";
import type { Step } from "./steps";

/** Frames after which a field that is not built yet is no longer waited for. */
const PATIENCE = 120;

/** Show fields in a step of the editor, in hand and in the middle of what is seen. */
export function lookAt(editing: Editing, ids: string[], step: Step): void {
  location.hash = step;
  editing.select(ids);
  let frames = 0;
  const look = () => {
    const field = document.querySelector<HTMLElement>(`main [data-field="${ids[0]}"]`);
    if (!field && frames++ < PATIENCE) requestAnimationFrame(look);
    field?.scrollIntoView({ block: "center" });
    (field?.querySelector<HTMLElement>("input, textarea, select") ?? field)?.focus({ preventScroll: true });
  };
  requestAnimationFrame(look);
}
