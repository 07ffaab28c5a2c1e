<script lang="ts">
  // What the keys do, on every step.
  import Dialog from "../../ui/Dialog.svelte";
  import { KEYS } from "./key_help";

  let { onclose }: { onclose: () => void } = $props();
</script>

<Dialog title="With the keyboard" class="w-[min(56rem,94vw)]" {onclose}>
  {#snippet beside()}<button class="btn btn-ghost btn-sm" onclick={onclose}>Close</button>{/snippet}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (there is nothing else in it to scroll it by) -->
  <div tabindex="0" role="group" aria-label="Keys" class="grid gap-x-8 gap-y-5 sm:grid-cols-2">
    {#each KEYS as [title, keys] (title)}
      <section>
        <h3 class="mb-1 font-semibold">{title}</h3>
        <dl class="grid grid-cols-[9.5rem_1fr] gap-x-3 gap-y-1 text-sm">
          {#each keys as [key, what] (key)}
            <dt><kbd class="font-semibold">{key}</kbd></dt>
            <dd>{what}</dd>
          {/each}
        </dl>
      </section>
    {/each}
  </div>
</Dialog>
