<script lang="ts">
  // Beside the question in hand: the tray, where it is not on the page; all places as a list; and what can be done with the
  // piece in hand.
  import List from "@lucide/svelte/icons/list";
  import Dialog from "../../ui/Dialog.svelte";
  import { sheetStore } from "../sheet_store";
  import type { AidProps } from "../student";
  import { laidAt, type Laid, type Slot } from "./board";
  import { inHand } from "./in_hand.svelte";
  import PlacesList from "./PlacesList.svelte";
  import { boardOn, nameIn } from "./sheet";
  import Tray from "./Tray.svelte";

  let { prompt, answering }: AidProps<"pieces"> = $props();

  const store = sheetStore();
  const board = $derived(boardOn(store, prompt));
  const nameOf = (slot: Slot) => nameIn(prompt, slot);
  const docked = $derived(answering.matches("[data-answer]"));
  const held = $derived(inHand.dragged ? undefined : inHand.holdsOf(board.set));
  const there = $derived(held && laidAt(board, held.name));
  let listed = $state(false);

  function change(changed: Partial<Laid>) {
    if (held && there) board.change([[held.name, { ...there, ...changed }]]);
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  {#if prompt.tray === "beside" && !docked}
    <div class="max-h-32 min-w-0 flex-1 basis-80">
      <Tray {board} scale={1.15} {nameOf} still={store.readonly} label="Pieces that wait" />
    </div>
  {/if}
  {#if held && there?.slot}
    <button class="btn btn-outline h-11" onclick={() => inHand.putBack(held)}>Put back</button>
    {#if held.piece.turns}
      <button class="btn btn-outline h-11" onclick={() => change({ turn: (there.turn + 15) % 360 })}
        >Turn</button
      >
    {/if}
    {#if held.piece.resizes}
      <button
        class="btn btn-outline h-11"
        disabled={there.size >= 4}
        onclick={() => change({ size: Math.min(4, there.size * 1.25) })}>Larger</button
      >
      <button
        class="btn btn-outline h-11"
        disabled={there.size <= 0.25}
        onclick={() => change({ size: Math.max(0.25, there.size / 1.25) })}>Smaller</button
      >
    {/if}
  {/if}
  <button class="btn btn-ghost h-11" onclick={() => (listed = true)}>
    <List size={18} aria-hidden="true" />As a list
  </button>
</div>
{#if listed}
  <Dialog title="Places and pieces" class="w-[min(34rem,94vw)]" onclose={() => (listed = false)}>
    <PlacesList {board} {nameOf} still={store.readonly} />
  </Dialog>
{/if}
