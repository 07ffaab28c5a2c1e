<script lang="ts">
  // A line to type one more answer into.
  let { label, onadd }: { label: string; onadd: (text: string) => void } = $props();

  let text = $state("");

  function add(event: SubmitEvent) {
    event.preventDefault();
    onadd(text.trim());
    text = "";
  }
</script>

<form class="flex gap-2" onsubmit={add}>
  <input class="input min-w-0 flex-1" aria-label={label} maxlength="20000" bind:value={text} />
  <button class="btn btn-outline" disabled={!text.trim()}>Add</button>
</form>
