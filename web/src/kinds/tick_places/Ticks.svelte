<script lang="ts">
  // Spots over what is printed, only shown.
  import Sign from "../Sign.svelte";
  import type { SignName } from "../signs";

  interface Props {
    spots: readonly { id: string; x: number; y: number; width: number; height: number }[];
    picked: readonly string[];
    sign: SignName;
  }
  let { spots, picked, sign }: Props = $props();
</script>

{#each spots as spot (spot.id)}
  <span
    class="absolute rounded-[2px] bg-(--film)/15 outline-[1.5px] outline-(--film)"
    style:left="{spot.x * 100}%"
    style:top="{spot.y * 100}%"
    style:width="{spot.width * 100}%"
    style:height="{spot.height * 100}%"
  >
    {#if picked.includes(spot.id)}
      <Sign {sign} />
    {/if}
  </span>
{/each}
