<script lang="ts">
  import type { KeyFieldProps } from "../teacher";
  import type { Slot } from "./board";
  import { keyBoard } from "./key_board";
  import Regions from "./Regions.svelte";
  import { shown } from "./shown.svelte";
  import { slotName } from "./slot_name";
  import SlotPieces from "./SlotPieces.svelte";
  import Tray from "./Tray.svelte";

  let { field, place, fieldKey, style, scale, label, onkey }: KeyFieldProps<"pieces"> = $props();

  const index = $derived(shown.get(field.id) ?? 0);
  const board = $derived(keyBoard(field, fieldKey, index, onkey));
  const slot = $derived(field.slots.find(({ id }) => id === place.id));
  const nameOf = (slot: Slot) => slotName(field.slots, slot);
</script>

{#if slot}
  <SlotPieces {board} {slot} {scale} {style} {nameOf} still={false} />
  {#if fieldKey && slot.where_counts}
    <Regions {field} {fieldKey} {index} {slot} {scale} {onkey} />
  {/if}
{:else}
  <Tray {board} {scale} {nameOf} still={false} {label} />
{/if}
