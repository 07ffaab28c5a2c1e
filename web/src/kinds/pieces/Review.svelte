<script lang="ts">
  // What a student laid into a slot.
  import type { ReviewProps } from "../teacher";
  import SlotShown from "./SlotShown.svelte";

  let { field, place, answer, style, scale }: ReviewProps<"pieces"> = $props();

  const slot = $derived(field.slots.find(({ id }) => id === place.id));
</script>

{#if slot}<SlotShown {field} {slot} moves={answer?.moves ?? []} {style} {scale} />{/if}
