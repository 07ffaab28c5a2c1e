<script lang="ts">
  // A page as a locked picture, with whatever lies on its film above it. Positions inside are in points × scale.
  import type { Snippet } from "svelte";
  import { inkOf, type Ink } from "../canvas/ink";
  import Picture from "./Picture.svelte";
  import { address, FINE, LAPTOP, type Looking } from "./pictures";

  interface Props {
    page: { id: string } & Looking;
    /** The address of the pages' pictures, to which "<page>/<width>.webp" is added. */
    pictures: string;
    /** CSS pixels for each point. */
    scale: number;
    alt: string;
    /** What is printed on the page, for those who listen to it. */
    text?: string | undefined;
    lazy?: boolean;
    /** Whether it is known that the page cannot be drawn. */
    failed?: boolean;
    /** Whether the server does not know of the page yet. */
    waiting?: boolean;
    /** What lies on it; given what is seen in its picture, once that is there. */
    children?: Snippet<[Ink | undefined]>;
  }
  let {
    page,
    pictures,
    scale,
    alt,
    text,
    lazy = true,
    failed = false,
    waiting = false,
    children,
  }: Props = $props();

  let gone = $state(false);
  /** What is seen in which picture. */
  let seen = $state.raw<{ address: string; ink: Ink | undefined }>();
  const picture = $derived(address("", page, LAPTOP));

  /** Look at a picture once it is shown; what is more pressing comes first. */
  function look(shown: HTMLImageElement) {
    const looked = picture;
    if (seen?.address === looked) return;
    setTimeout(() => {
      if (shown.isConnected && looked === picture) seen = { address: looked, ink: inkOf(shown, page) };
    });
  }
</script>

<div
  class="paper print-page relative select-none"
  style:width="{page.width * scale}px"
  style:height="{page.height * scale}px"
  style:--scale={scale}
>
  {#if !failed && !waiting}
    {#key picture}
      <Picture
        class="page-picture pointer-events-none absolute inset-0 h-full w-full"
        loading={lazy ? "lazy" : "eager"}
        pictures={[LAPTOP, FINE].map((width) => [width, address(pictures, page, width)])}
        sizes="{Math.round(page.width * scale)}px"
        {alt}
        onfailed={() => (gone = true)}
        onshown={look}
      />
    {/key}
  {/if}
  {#if text}<p class="sr-only whitespace-pre-line">{text}</p>{/if}
  {#if failed || gone}
    <p class="absolute inset-x-8 top-8 text-center font-semibold text-warning">
      This page could not be drawn.
    </p>
  {/if}
  {@render children?.(seen?.address === picture ? seen.ink : undefined)}
</div>
