<script lang="ts">
  // The shares of the points that an answer may be worth, for a select; one that is set otherwise stays there.
  let { percent }: { percent: number } = $props();

  const shares = $derived(new Set([100, 75, 50, 25, percent]));
</script>

{#each shares as each (each)}
  <option value={each}
    >{#if each === 100}All points{:else}{each} %{/if}</option
  >
{/each}
