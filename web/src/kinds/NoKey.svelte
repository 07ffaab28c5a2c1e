<script lang="ts">
  // On the key sheet: what no key can say is right or not.
  let { label }: { label: string } = $props();
</script>

<p class="quiet p-1 text-xs" aria-label="{label}: you look at it yourself">You look at it yourself.</p>
