<script lang="ts">
  // Spots over what is printed, to be ticked or only shown.
  import { letter, pressed } from "../picked";
  import Sign from "../Sign.svelte";
  import { MARKS, type SignName } from "../signs";

  interface Spot {
    id: string;
    x: number;
    y: number;
    width: number;
    height: number;
    name: string;
  }
  interface Props {
    /** Tells the spots of this field from those of others. */
    group: string;
    spots: readonly Spot[];
    several: boolean;
    sign: SignName;
    picked: readonly string[];
    label: string;
    docked?: boolean;
    readonly?: boolean;
    describedby?: string;
    onpick: (picked: string[]) => void;
    onfocus?: () => void;
  }
  let {
    group,
    spots,
    several,
    sign,
    picked,
    label,
    docked = false,
    readonly = false,
    describedby = "",
    onpick,
    onfocus,
  }: Props = $props();

  const name = (spot: Spot, place: number) => spot.name || letter(place);

  function press(id: string) {
    if (!readonly) onpick(pressed(picked, id, several));
  }

  function onKey(event: KeyboardEvent) {
    if (event.key !== "Backspace" && event.key !== "Delete") return;
    event.preventDefault();
    event.stopPropagation();
    if (!readonly) onpick([]);
  }
</script>

{#snippet input(spot: Spot, place: number)}
  <input
    type={several ? "checkbox" : "radio"}
    name="{group}-{docked}"
    class="absolute inset-0 z-1 h-full w-full cursor-pointer opacity-0 disabled:cursor-default"
    checked={picked.includes(spot.id)}
    disabled={readonly}
    aria-label={name(spot, place)}
    {onfocus}
    onclick={() => press(spot.id)}
    onkeydown={onKey}
  />
{/snippet}

<div
  class={docked ? "flex flex-col gap-2" : "contents"}
  role={several || spots.length === 1 ? "group" : "radiogroup"}
  aria-label={label}
  aria-describedby={describedby || undefined}
>
  {#each spots as spot, place (spot.id)}
    {@const chosen = picked.includes(spot.id)}
    {#if docked}
      <label
        class="relative flex min-h-11 items-center gap-3 rounded border border-(--line) px-3 focus-within:outline-2"
      >
        {@render input(spot, place)}
        <span class="grid size-6 place-items-center border-2 border-current font-bold" aria-hidden="true"
          >{chosen ? MARKS[sign] : ""}</span
        >
        {name(spot, place)}
      </label>
    {:else}
      <label
        class="absolute rounded-[2px] bg-(--film)/10 outline-[1.5px] outline-(--film) focus-within:outline-[3px] focus-within:outline-accent"
        class:cursor-pointer={!readonly}
        style:left="{spot.x * 100}%"
        style:top="{spot.y * 100}%"
        style:width="{spot.width * 100}%"
        style:height="{spot.height * 100}%"
      >
        {@render input(spot, place)}
        {#if chosen}<Sign {sign} />{/if}
      </label>
    {/if}
  {/each}
</div>
