<script lang="ts">
  // Spots over what is printed, only shown.
  interface Props {
    spots: readonly { id: string; x: number; y: number; width: number; height: number }[];
    picked: readonly string[];
  }
  let { spots, picked }: Props = $props();
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
      <svg class="absolute -inset-[12%] h-[124%] w-[124%]" viewBox="0 0 24 24" aria-hidden="true">
        <path d="M4 13l6 6L21 4" fill="none" stroke="var(--film-ink)" stroke-width="3.4" />
      </svg>
    {/if}
  </span>
{/each}
