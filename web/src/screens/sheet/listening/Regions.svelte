<script lang="ts">
  // The regions of a page, to be pressed and heard, while it is listened to.
  import type { Listening } from "./listening.svelte";

  let { listening, page, scale }: { listening: Listening; page: number; scale: number } = $props();

  const regions = $derived(listening.texts?.pages[page]?.regions ?? []);
  const isHeard = (i: number) => listening.aloud.reading === `${page}/${i}`;

  function follow(heard: boolean) {
    return (region: HTMLElement) => {
      if (heard) region.scrollIntoView({ block: "nearest", inline: "nearest" });
    };
  }
</script>

<div class="absolute inset-0 z-5" role="group" aria-label="Press what you want to hear">
  {#each regions as { box, text }, i (i)}
    <button
      class="absolute -m-1 box-content rounded border-2 p-1 {isHeard(i)
        ? 'border-solid border-accent bg-accent/20'
        : 'border-dashed border-accent/70 hover:bg-accent/10'}"
      style:left="{box.x * scale}px"
      style:top="{box.y * scale}px"
      style:width="{box.width * scale}px"
      style:height="{box.height * scale}px"
      aria-label="Read: {text.slice(0, 80)}"
      aria-current={isHeard(i) ? "true" : undefined}
      onclick={() => listening.readRegion(page, i)}
      {@attach follow(isHeard(i))}
    ></button>
  {/each}
</div>
