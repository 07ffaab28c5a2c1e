// Going among the places of a set with arrow keys, while one of its pieces is in hand.

import { inHand } from "./in_hand.svelte";

const WAYS: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** Go to the next place or the one before; Escape lets go of the piece. */
export function goAmongPlaces(event: KeyboardEvent, set: string): void {
  if (event.key === "Escape") {
    event.preventDefault();
    const name = inHand.holdsOf(set)?.name;
    inHand.letGo();
    document.querySelector<HTMLElement>(`[data-set="${set}"][data-piece="${name ?? ""}"]`)?.focus();
    return;
  }
  const way = WAYS[event.key];
  if (!way) return;
  event.preventDefault();
  const places = [...document.querySelectorAll<HTMLElement>(`[data-put="${set}"]`)];
  const at = places.indexOf(document.activeElement as HTMLElement);
  const next = places[(at + way + places.length) % places.length] ?? places[0];
  next?.focus();
  next?.scrollIntoView({ block: "nearest", inline: "nearest" });
}
