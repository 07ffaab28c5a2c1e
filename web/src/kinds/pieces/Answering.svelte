<script lang="ts">
  import { sheetStore } from "../sheet_store";
  import type { AnsweringProps } from "../student";
  import { boardOn, nameIn } from "./sheet";
  import type { Slot } from "./board";
  import SlotPieces from "./SlotPieces.svelte";
  import Tray from "./Tray.svelte";

  let {
    prompt,
    place,
    scale,
    label,
    docked = false,
    beside = false,
    readonly = false,
    onfocus,
  }: AnsweringProps<"pieces"> = $props();

  const store = sheetStore();
  const board = $derived(boardOn(store, prompt));
  const slot = $derived(docked ? undefined : prompt.slots.find(({ id }) => id === place.id));
  const nameOf = (slot: Slot) => nameIn(prompt, slot);
  const partOf = (slot: Slot) => prompt.parts.find((part) => part.place === slot.id)?.id;
</script>

{#if slot}
  <SlotPieces
    {board}
    {slot}
    {scale}
    style={prompt.style}
    {nameOf}
    still={readonly}
    onfocus={() => onfocus(partOf(slot))}
  />
{:else if docked}
  <div class="docked-tray">
    <Tray {board} scale={Math.max(scale, 1.15)} {nameOf} still={readonly} label="Pieces of {label}" />
  </div>
{:else if prompt.tray === "page" && (!beside || readonly)}
  <!-- Opaque: the same words may be printed under it. -->
  <div class="h-full bg-(--sheet)">
    <Tray {board} {scale} {nameOf} still={readonly} label="Pieces that wait" />
  </div>
{/if}
