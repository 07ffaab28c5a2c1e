// What was copied of films: kept in this tab, as long as it is open, and told to the other tabs of Velum. Keys are in it, so
// it goes nowhere else: the clipboard that all programs share only gets a word by which this is known again.

import type { Copied } from "../../../worksheet/commands/paste";

/** What was copied, and a word that tells it from what was copied before. */
export type Kept = Copied & { word: string };

const NAME = "velum-film";

/** Where it is kept and told: those of the browser, or others in tests. */
export interface Surroundings {
  storage: Pick<Storage, "getItem" | "setItem">;
  channel: Pick<BroadcastChannel, "postMessage"> & { onmessage: ((event: MessageEvent) => void) | null };
}

export class FilmClipboard {
  constructor(
    private readonly around: Surroundings,
    /** Called when there is something else. */
    private readonly onchange: () => void = () => undefined,
  ) {
    around.channel.onmessage = ({ data }: MessageEvent<Kept | "what is there?">) => {
      if (data !== "what is there?") this.keep(data);
      else if (this.copied) around.channel.postMessage(this.copied);
    };
    if (!this.copied) around.channel.postMessage("what is there?");
  }

  get copied(): Kept | undefined {
    const kept = this.around.storage.getItem(NAME);
    return kept ? (JSON.parse(kept) as Kept) : undefined;
  }

  copy(copied: Kept): void {
    this.keep(copied);
    this.around.channel.postMessage(copied);
  }

  private keep(copied: Kept): void {
    this.around.storage.setItem(NAME, JSON.stringify(copied));
    this.onchange();
  }
}

export const inBrowser = (): Surroundings => ({
  storage: sessionStorage,
  channel: new BroadcastChannel(NAME),
});

/** Whoever signs out leaves nothing behind in this tab. */
export const forgetCopied = (): void => sessionStorage.removeItem(NAME);
