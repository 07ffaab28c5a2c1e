<script lang="ts" module>
  /** How often a picture that is still being drawn is asked for again; and the milliseconds to the next time, at most. */
  const ASKS = 90;
  const APART = 1500;
</script>

<script lang="ts">
  // A picture of a page, which the server may still be drawing.
  import type { Attachment } from "svelte/attachments";
  import type { HTMLImgAttributes } from "svelte/elements";

  interface Props extends Omit<HTMLImgAttributes, "srcset" | "src"> {
    /** Addresses by width in pixels, the one that is drawn first at the start. */
    pictures: [width: number, address: string][];
    onfailed?: () => void;
    /** It is shown, as finely as it was needed. */
    onshown?: (picture: HTMLImageElement) => void;
  }
  let { pictures, alt, onfailed, onshown, ...others }: Props = $props();

  let asked = $state(0);
  let shown = $state(false);
  const again = $derived(asked ? `&again=${asked}` : "");
  const srcset = $derived(pictures.map(([width, address]) => `${address}${again} ${width}w`).join(", "));

  /** Give up whatever is still asked for when it is no longer shown: by then the page may be gone. */
  const given = new AbortController();
  let next: ReturnType<typeof setTimeout> | undefined;
  const whileShown: Attachment<HTMLImageElement> = (picture) => () => {
    given.abort();
    clearTimeout(next);
    picture.removeAttribute("srcset");
    picture.removeAttribute("src");
  };

  async function askAgain() {
    // A picture cannot tell a page that is still being drawn (202) from one that cannot be drawn (422).
    const address = pictures[0]?.[1] ?? "";
    const status = asked
      ? await fetch(address, { method: "HEAD", signal: given.signal }).then(
          (answer) => answer.status,
          () => 0,
        )
      : 0;
    if (given.signal.aborted) return;
    if (asked >= ASKS || status === 422 || status === 404) onfailed?.();
    else next = setTimeout(() => (asked += 1), Math.min(APART, 250 * (asked + 1)));
  }
</script>

<img
  {...others}
  {@attach whileShown}
  draggable="false"
  src="{pictures[0]?.[1]}{again}"
  srcset={pictures.length > 1 ? srcset : undefined}
  alt={shown ? alt : ""}
  onload={(event) => {
    shown = true;
    onshown?.(event.currentTarget as HTMLImageElement);
  }}
  onerror={askAgain}
/>
