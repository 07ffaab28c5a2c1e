// Signing out on a device that somebody else uses next: what it keeps of the student's copies goes first. What is on this device
// alone is not thrown away before the student was told.

import { copiesUnsent, eraseCopies } from "./erase";

const form = document.querySelector<HTMLFormElement>("form[data-copies]");
const warning = document.querySelector<HTMLElement>("[data-unsent]");
let warned = false;

form?.addEventListener("submit", (event) => {
  event.preventDefault();
  void signOut(form);
});

async function signOut(form: HTMLFormElement): Promise<void> {
  const copies = (form.dataset.copies ?? "").split(" ").filter(Boolean);
  try {
    if (!warned && (await copiesUnsent(copies)).length > 0) {
      warned = true;
      warning?.removeAttribute("hidden");
      warning?.focus();
      return;
    }
    await eraseCopies(copies);
  } catch {
    // A device that keeps nothing has nothing to forget.
  }
  form.submit();
}
