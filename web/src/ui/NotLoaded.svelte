<script lang="ts">
  // A part of Velum that did not come over the network, as after a lost connection or a new release.
  interface Props {
    again: () => void;
    /** Do without it, where that is possible. */
    onclose?: () => void;
  }
  let { again, onclose }: Props = $props();
</script>

<div
  class="card-paper fixed inset-x-4 top-4 z-10 mx-auto flex max-w-xl flex-wrap items-center gap-3 px-5 py-4"
  role="alert"
>
  <p class="problem flex-1 basis-56">
    A part of Velum could not be loaded. What you did is kept. Look whether you are connected.
  </p>
  <button class="btn btn-primary" onclick={again}>Try again</button>
  {#if onclose}<button class="btn btn-ghost" onclick={onclose}>Go on without it</button>{/if}
</div>
