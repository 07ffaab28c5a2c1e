// The keyboard on the screen of a phone. Some browsers make the page smaller for it; others lay it over the page, and tell
// by the visual viewport how much is still seen.

/** Heights of a screen, in CSS pixels, below which a keyboard must have taken the rest. */
const LOW = 500;
/** The share of the page that is seen from which on nothing lies over it. */
const NEARLY_ALL = 0.8;
/** The page is looked at through a lens: what is seen says nothing of a keyboard. */
const ZOOMED = 1.05;

export class Keyboard {
  /** The height that is seen, in CSS pixels, where a keyboard lies over the rest; undefined: all is seen. */
  room: number | undefined = $state();
  private height = $state(window.innerHeight);

  /** Whether there is little room above a keyboard. */
  get open(): boolean {
    return this.room !== undefined || this.height < LOW;
  }

  /** Look whether one is there, until the function that is returned is called. */
  watch(
    seen: Pick<VisualViewport, "height" | "scale"> & EventTarget = window.visualViewport as VisualViewport,
  ): () => void {
    const look = () => {
      this.height = window.innerHeight;
      const covered = seen.scale < ZOOMED && seen.height < NEARLY_ALL * window.innerHeight;
      this.room = covered ? seen.height : undefined;
    };
    look();
    const off = new AbortController();
    seen.addEventListener("resize", look, { signal: off.signal });
    window.addEventListener("resize", look, { signal: off.signal });
    return () => off.abort();
  }
}
