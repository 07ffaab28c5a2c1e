<script lang="ts" module>
  import { tick } from "svelte";

  let message = $state("");

  /** Say something to whoever listens to the page instead of looking at it. */
  export function announce(words: string): void {
    // After what it is about is shown: what is said behind a dialog that closes just now would not be heard.
    void tick().then(() => (message = message === words ? `${words}\u00a0` : words));
  }
</script>

<div class="sr-only" role="status" aria-live="polite" data-testid="announcer">{message}</div>
