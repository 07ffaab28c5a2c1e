<script lang="ts">
  // The options of a choice, only shown.
  import { picturePlace } from "../../ui/picture_place";
  import { inWords, letter } from "../picked";
  import type { SignName } from "../signs";
  import Letter from "./Letter.svelte";
  import { named, type Option } from "./option";

  interface Props {
    options: readonly Option[];
    sign: SignName;
    arrangement: "row" | "column" | "list";
    picked: readonly string[];
    /** Pixels that letters are high. */
    size: number;
  }
  let { options, sign, arrangement, picked, size }: Props = $props();

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
    class="flex h-full w-full gap-[2%] ps-(--tab-room) {arrangement === 'column' ? 'flex-col' : ''}"
    style:font-size="{size}px"
  >
    {#each options as { id, text, picture }, place (id)}
      <span class="flex min-w-0 flex-1 items-center {text ? 'gap-[0.35em] px-[0.3em]' : 'justify-center'}">
        <Letter letter={letter(place)} picked={picked.includes(id)} {sign} />
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
