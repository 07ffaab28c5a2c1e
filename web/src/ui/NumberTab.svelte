<script lang="ts">
  // The number of a question, on a tab of film at its field.
  import type { Snippet } from "svelte";
  import type { Box } from "../canvas/box";
  import type { TabPlace } from "../canvas/tab_place";

  interface Props {
    number: string;
    /** The box of the field that the tab is in, in points. */
    box: Box;
    /** Unknown: above the field. */
    place: TabPlace | undefined;
    scale: number;
    /** Whether the field is in hand. */
    current?: boolean;
    children?: Snippet;
  }
  let { number, box, place, scale, current = false, children }: Props = $props();

  const edge = $derived(place?.edge === "nowhere" && current ? "above" : (place?.edge ?? "above"));
  const at = $derived(place && place.edge === edge && edge !== "within" ? place.at : undefined);
</script>

{#if edge !== "nowhere"}
  <span
    class="film-tag"
    class:small={place?.small}
    class:bg-accent={current && edge !== "within"}
    class:text-accent-content={current && edge !== "within"}
    class:usual={!at}
    data-edge={edge}
    style:left={at ? `${(at.x - box.x) * scale}px` : undefined}
    style:top={at ? `${(at.y - box.y) * scale}px` : undefined}
    aria-hidden="true"
  >
    {number}{@render children?.()}
  </span>
{/if}
