<script lang="ts">
  // All places with what lies there, to be filled without a drag: for switches, screen readers and small screens.
  import { heldIn, pieceNamed, put, takeBack, waiting, type Board, type Slot } from "./board";
  import { called } from "./in_hand.svelte";

  interface Props {
    board: Board;
    nameOf: (slot: Slot) => string;
    still: boolean;
  }
  let { board, nameOf, still }: Props = $props();

  const wait = $derived(waiting(board));

  function add(slot: Slot, select: HTMLSelectElement) {
    if (select.value) board.change(put(board, select.value, slot));
    select.value = "";
  }
</script>

<ol class="mt-3 space-y-3">
  {#each board.slots as slot (slot.id)}
    {@const there = heldIn(board, slot)}
    {@const full = slot.most !== null && slot.most !== undefined && there.length >= slot.most}
    <li>
      <p class="font-semibold" id="place-{slot.id}">{nameOf(slot)}</p>
      <ul class="mt-1 flex flex-wrap items-center gap-2" aria-labelledby="place-{slot.id}">
        {#each there as [name] (name)}
          {@const piece = pieceNamed(board.pieces, name)}
          {#if piece}
            <li>
              <button
                class="btn btn-outline h-11"
                disabled={still}
                aria-label="Take {called(piece)} out of {nameOf(slot)}"
                onclick={() => board.change([takeBack(name)])}>{called(piece)} ×</button
              >
            </li>
          {/if}
        {/each}
        {#if !still && (!full || slot.most === 1) && wait.length > 0}
          <li>
            <select
              class="input h-11"
              aria-label="{full ? 'Another piece for' : 'A piece for'} {nameOf(slot)}"
              onchange={(event) => add(slot, event.currentTarget)}
            >
              <option value="">{full ? "Another piece" : "Choose a piece"}</option>
              {#each wait as { name, piece } (name)}<option value={name}>{called(piece)}</option>{/each}
            </select>
          </li>
        {/if}
      </ul>
    </li>
  {/each}
</ol>
