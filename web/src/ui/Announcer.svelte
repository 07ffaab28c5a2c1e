<script lang="ts" module>
  let message = $state("");

  /** Say something to whoever listens to the page instead of looking at it. */
  export function announce(words: string): void {
    message = message === words ? `${words}\u00a0` : words;
  }
</script>

<div class="sr-only" role="status" aria-live="polite">{message}</div>
