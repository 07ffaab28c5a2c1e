// Signing out on a device that somebody else uses next: what it keeps of the student's copies goes first. What the server may
// not have is sent; what cannot be sent is not thrown away before the student was told.

import { eraseCopies, unsentOf, type Unsent } from "./erase";

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
    const unsent = await unsentOf(copies);
    const sent = await Promise.all(unsent.map((each) => send(form, each)));
    if (!warned && sent.includes(false)) {
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

/** Whether the server has all of a copy now, or has noted what came too late for it. To send something twice is harmless. */
async function send(form: HTMLFormElement, { copy, changes, files }: Unsent): Promise<boolean> {
  if (files > 0) return false;
  const token = form.querySelector<HTMLInputElement>("[name=csrfmiddlewaretoken]")?.value ?? "";
  const headers = { "Content-Type": "application/json", "X-CSRFToken": token };
  try {
    const body = JSON.stringify({ changes });
    const { status } = await fetch(`/c/${copy}/answers`, { method: "POST", headers, body });
    return status === 200 || status === 409;
  } catch {
    return false;
  }
}
