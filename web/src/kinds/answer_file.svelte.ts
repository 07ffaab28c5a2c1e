// Where the file of an answer is: on this device as long as the server does not have it, then there.

import type { Prompt } from "../api/student";
import type { SheetStore } from "./sheet_store";

export class AnswerFile {
  private local = $state("");

  constructor(
    private readonly store: SheetStore,
    private readonly prompt: () => Prompt,
    private readonly sent: () => string | null | undefined,
  ) {
    $effect(() => {
      const file = this.waiting;
      if (!file) return;
      const address = URL.createObjectURL(file);
      this.local = address;
      return () => {
        this.local = "";
        URL.revokeObjectURL(address);
      };
    });
  }

  /** What is not sent yet. */
  get waiting(): Blob | undefined {
    return this.store.files.waiting.get(this.prompt().id);
  }

  /** Empty: there is none. */
  get address(): string {
    const sent = this.sent();
    return this.waiting ? this.local : sent ? this.store.files.address(sent) : "";
  }
}
