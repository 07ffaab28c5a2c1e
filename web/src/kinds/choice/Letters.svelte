<script lang="ts">
  // The options of a choice, only shown.
  import { picturePlace } from "../../ui/picture_place";
  import { inWords, letter } from "../picked";
  import { named, type Option } from "./option";

  interface Props {
    options: readonly Option[];
    several: boolean;
    arrangement: "row" | "column" | "list";
    picked: readonly string[];
    /** Pixels that letters are high. */
    size: number;
  }
  let { options, several, arrangement, picked, size }: Props = $props();

  const pictures = picturePlace();
</script>

<!-- What is shown stands in attributes: the button around it says in words what it is. -->
{#if arrangement === "list"}
  <span
    class="block h-full truncate px-1 text-start font-semibold before:content-[attr(data-text)]"
    style:font-size="{size}px"
    data-text="{inWords(picked, named(options))} ▾"
  ></span>
{:else}
  <span
    class="flex h-full w-full gap-[2%] {arrangement === 'column' ? 'flex-col' : ''}"
    style:font-size="{size}px"
  >
    {#each options as { id, text, picture }, place (id)}
      <span class="flex min-w-0 flex-1 items-center {text ? 'gap-[0.35em] px-[0.3em]' : 'justify-center'}">
        <span
          class="grid size-[1.45em] flex-none place-items-center border-[0.1em] border-current leading-none font-bold before:content-[attr(data-text)] {several
            ? 'rounded-[0.25em]'
            : 'rounded-full'} {picked.includes(id)
            ? 'border-(--film) bg-(--film) text-white'
            : 'bg-(--sheet)'}"
          data-text={letter(place)}
        ></span>
        {#if picture}
          <img class="h-full min-w-0 flex-1 object-contain" src="{pictures}{picture}/" alt="" />
        {:else if text}
          <span class="min-w-0 truncate font-semibold before:content-[attr(data-text)]" data-text={text}
          ></span>
        {/if}
      </span>
    {/each}
  </span>
{/if}
