<script lang="ts">
  // What is seldom needed, folded away below its title.
  import type { Snippet } from "svelte";

  interface Props {
    title: string;
    /** Whether it is unfolded at first. */
    open?: boolean;
    children: Snippet;
  }
  let { title, open = false, children }: Props = $props();

  // svelte-ignore state_referenced_locally
  let unfolded = $state(open);
</script>

<details bind:open={unfolded}>
  <summary class="cursor-pointer py-1 text-sm font-semibold">{title}</summary>
  {#if unfolded}<div class="pt-2">{@render children()}</div>{/if}
</details>
