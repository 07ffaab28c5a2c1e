<script lang="ts">
  // What is put on the paper where a student presses.
  import type { SignName } from "./signs";

  let { sign }: { sign: SignName } = $props();
</script>

<svg
  class="sign absolute -inset-[12%] h-[124%] w-[124%]"
  viewBox="0 0 24 24"
  fill="none"
  stroke-width="3"
  aria-hidden="true"
  data-sign={sign}
>
  {#if sign === "tick"}<path d="M4 13l6 6L21 4" />
  {:else if sign === "cross"}<path d="M4 4l16 16M20 4L4 20" />
  {:else}<circle cx="12" cy="12" r="10" />{/if}
</svg>
